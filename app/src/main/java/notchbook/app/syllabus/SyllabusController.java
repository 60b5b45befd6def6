package notchbook.app.syllabus;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class SyllabusController {
    private final Syllabi syllabi;

    SyllabusController(Syllabi syllabi) {
        this.syllabi = syllabi;
    }

    /** A line of a syllabus; the weight is in per cent of the exam, the years are the exam years it counts in. */
    record NodeView(
            UUID id,
            Optional<UUID> parent,
            SyllabusNode.Kind kind,
            String code,
            String title,
            Optional<Double> weight,
            Tier tier,
            int firstYear,
            int lastYear) {
        static NodeView of(SyllabusNode node) {
            return new NodeView(
                    node.id(),
                    node.parent(),
                    node.kind(),
                    node.code(),
                    node.title(),
                    node.weight().isPresent() ? Optional.of(node.weight().getAsDouble()) : Optional.empty(),
                    node.tier(),
                    node.years().first(),
                    node.years().last());
        }
    }

    record EditionView(UUID id, String code, String title, List<NodeView> nodes) {}

    @GetMapping("/api/editions")
    List<EditionInfo> editions(@AuthenticationPrincipal Person reader) {
        return syllabi.editions(reader);
    }

    @GetMapping("/api/editions/{id}")
    EditionView edition(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var info = syllabi.requireInfo(reader, id);
        return new EditionView(
                id,
                info.code(),
                info.title(),
                syllabi.edition(id).nodes().map(NodeView::of).toList());
    }

    @PostMapping(path = "/api/editions", consumes = "multipart/form-data")
    @ResponseStatus(HttpStatus.CREATED)
    EditionInfo read(
            @AuthenticationPrincipal Person reader,
            @RequestParam String code,
            @RequestParam String title,
            @RequestPart MultipartFile file)
            throws IOException {
        return syllabi.read(Optional.of(reader), code, title, file.getBytes());
    }
}
