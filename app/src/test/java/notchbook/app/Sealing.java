package notchbook.app;

import java.util.UUID;

/** What a student sends to hand something in. */
final class Sealing {
    private static final String REST =
            "'with':[],'words':'','along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false";

    private Sealing() {}

    /** A section for set work, whatever is missing. */
    static String section(UUID section, UUID setWork) {
        return section(section, setWork, true);
    }

    static String section(UUID section, UUID setWork, boolean isWithMissing) {
        return "{'picked':%s,'setWorkId':'%s','purpose':'HAND_IN',%s,'withMissing':%s}"
                .formatted(pickedSection(section), setWork, REST, isWithMissing);
    }

    /** A section as a draft that counts as nothing. */
    static String draft(UUID section, UUID setWork) {
        return section(section, setWork).replace("HAND_IN", "DRAFT");
    }

    /** A page without having been asked. */
    static String unasked(UUID page) {
        return "{'picked':{'pages':['%s']},'purpose':'HAND_IN',%s,'withMissing':true}".formatted(page, REST);
    }

    /** The sheet of a week without having been asked, whatever is missing. */
    static String sheet(UUID notebook, String monday) {
        return "{'picked':{'notebook':'%s','monday':'%s','pages':[]},'purpose':'HAND_IN',%s,'withMissing':true}"
                .formatted(notebook, monday, REST);
    }

    static String pickedSection(UUID section) {
        return "{'section':'%s','pages':[]}".formatted(section);
    }
}
