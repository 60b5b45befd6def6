package notchbook.app.syllabus;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;

/** A line of a syllabus; the weight is in per cent of the exam, the years are the exam years it counts in. */
public record NodeView(
        UUID id,
        Optional<UUID> parent,
        SyllabusNode.Kind kind,
        String code,
        String title,
        Optional<Double> weight,
        Tier tier,
        int firstYear,
        int lastYear,
        String years,
        String note,
        SyllabusNode.Origin origin) {
    public static NodeView of(SyllabusNode node) {
        return new NodeView(
                node.id(),
                node.parent(),
                node.kind(),
                node.code(),
                node.title(),
                node.weight().isPresent() ? Optional.of(node.weight().getAsDouble()) : Optional.empty(),
                node.tier(),
                node.years().first(),
                node.years().last(),
                node.years().written(),
                node.note(),
                node.origin());
    }
}
