package notchbook.formats.sheet;

import java.util.List;
import java.util.Optional;
import notchbook.core.notebook.Zone.Role;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;

/** A page by where its zones stand: in a column before or after the middle, in the middle, or at the foot. */
public record Columns(
        Optional<ZoneOfPage> cues, List<ZoneOfPage> middle, Optional<ZoneOfPage> margin, List<ZoneOfPage> foot) {
    /** Wide enough for four or five words a line, narrow enough to leave the notes most of the sheet. */
    private static final double SIDE = 0.27;

    /** Two of them leave the middle more than half. */
    private static final double EACH_SIDE = 0.22;

    public static Columns of(Page page) {
        return new Columns(
                zones(page, Role.CUES).stream().findFirst(),
                page.zones().stream()
                        .filter(zone ->
                                zone.zone().role() == Role.MAIN || zone.zone().role() == Role.BOX)
                        .toList(),
                zones(page, Role.MARGIN).stream().findFirst(),
                zones(page, Role.SUMMARY));
    }

    private static List<ZoneOfPage> zones(Page page, Role role) {
        return page.zones().stream().filter(zone -> zone.zone().role() == role).toList();
    }

    public boolean areThere() {
        return cues.isPresent() || margin.isPresent();
    }

    public List<Entry> middleEntries() {
        return middle.stream().flatMap(zone -> zone.entries().stream()).toList();
    }

    /** What a column beside the middle takes of the width of the sheet. */
    public double sideShare() {
        return cues.isPresent() && margin.isPresent() ? EACH_SIDE : SIDE;
    }

    public double middleShare() {
        return 1 - (cues.isPresent() ? sideShare() : 0) - (margin.isPresent() ? sideShare() : 0);
    }
}
