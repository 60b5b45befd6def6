package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;

/** A drawing that was made while somebody talked for three seconds, and the recording of it. */
record TalkedPage(UUID recording, UUID drawing) {
    private static final long START = 1_764_000_000_000L;

    /** A stroke that was drawn in the second second. */
    private static final String DRAWING =
            "{'width':640,'height':360,'strokes':[{'tool':'pen','colour':'#A23B2C','width':20,'madeAt':%d,'points':[[20,100,1,0],[600,100,1,800]]}]}"
                    .formatted(START + 1_000);

    private static final String TAKE =
            "{'stretches':[{'startedAt':%d,'length':3000}],'lines':[{'from':1000,'to':2000,'words':'The wave bends'}],'about':{'entry':'%s'}}";

    static TalkedPage of(School school, Browser browser, Person student) {
        return on(school.desk(student), browser, student);
    }

    static TalkedPage on(School.Desk desk, Browser browser, Person student) {
        var page = desk.page().id();
        var drawing = UUID.randomUUID();
        var recording = UUID.randomUUID();
        var sound = UUID.randomUUID();
        assertThat(browser.upload(student, sound, "talk.wav", Samples.wav(3)).status())
                .isEqualTo(200);
        keep(browser, student, drawing, "'pageId':'%s','kind':'INK','content':%s".formatted(page, DRAWING));
        keep(
                browser,
                student,
                recording,
                "'pageId':'%s','kind':'RECORDING','mediaId':'%s','content':%s"
                        .formatted(page, sound, TAKE.formatted(START, drawing)));
        return new TalkedPage(recording, drawing);
    }

    private static void keep(Browser browser, Person student, UUID id, String what) {
        var change = "{'baseVersion':0,%s,'caption':'The wave','width':'FULL'}".formatted(what);
        var answer = browser.send(student, "PUT", "/api/entries/" + id, change);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    }

    /** What a film of it is wished with. */
    String wish(String format) {
        return "{'recording':'%s','subject':'%s','at':0,'format':'%s'}".formatted(recording, drawing, format);
    }
}
