package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipInputStream;
import notchbook.app.entry.EntryWidth;
import notchbook.core.seal.Manifest;
import notchbook.core.seal.Sha256;
import notchbook.core.seal.Signed;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class HandInTest extends AppTest {
    @Autowired
    private JdbcClient db;

    @Value("${notchbook.media-folder}")
    private Path mediaFolder;

    private School.Desk desk;
    private UUID setWork;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        setWork = school.setWork().id();
    }

    @Test
    void leadsFromEachMissingThingToThePlaceThatMendsIt() {
        var entry = school.typed(school.student, desk, " ", "2.3a");
        var lines = ready().path("lines");
        assertThat(Browser.texts(lines, "words"))
                .contains(
                        "2.3a Echo as reflection has nothing notched",
                        "2.3b Distance from echo time has nothing notched",
                        "“Typed note” on “Timing an echo” is empty");
        assertThat(lines.valueStream()
                        .map(line -> line.path("mend").path("entry").asString(""))
                        .toList())
                .contains(entry.toString());
    }

    @Test
    void sealsOnlyWithTheStudentsWordWhenSomethingIsMissing() {
        school.typed(school.student, desk, "An echo", "2.3a");
        assertThat(seal(UUID.randomUUID(), false).status()).isEqualTo(422);
        assertThat(seal(UUID.randomUUID(), true).json().path("missing").asInt()).isEqualTo(1);
    }

    @Test
    void keepsTheSealedVersionAsItWasWhileThePagesGoOn() {
        var entry = school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var version = sealed(false);
        var body = "{'baseVersion':1,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), School.doc("We timed twenty"));
        browser.send(school.student, "PUT", "/api/entries/" + entry, body);
        var view = browser.get(school.teacher, "/api/hand-ins/" + version).json();
        assertThat(view.path("pages").toString()).contains("We timed one clap").doesNotContain("twenty");
        assertThat(seal(version).path("holds").asBoolean()).isTrue();
    }

    @Test
    void sealsAPageWithItsPatternAndTheZoneOfEachEntry() {
        var cueNotes = browser.get(school.student, "/api/patterns")
                .json()
                .path("standard")
                .get(1);
        var path = "/api/pages/" + desk.page().id() + "/pattern";
        browser.send(school.student, "PUT", path, cueNotes.toString());
        var body =
                "{'baseVersion':0,'pageId':'%s','zone':'cues','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                        .formatted(desk.page().id(), School.doc("Why?"));
        browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), body);
        var atHome = sealed(true);
        assertThat(browser.get(school.teacher, "/api/hand-ins/" + atHome)
                        .json()
                        .path("pages")
                        .get(0)
                        .path("entries")
                        .size())
                .as("cues stay at home unless they are wanted")
                .isZero();
        browser.send(school.student, "DELETE", "/api/hand-ins/" + atHome, "");
        var version = UUID.randomUUID();
        var withCues = Sealing.section(desk.section(), setWork).replace("'cues':false", "'cues':true");
        browser.send(school.student, "PUT", "/api/hand-ins/" + version, withCues);
        browser.send(
                school.student,
                "PUT",
                path,
                "{'name':'Other','zones':[{'key':'x','role':'BOX','title':'X','prompt':'','kinds':[]}]}");
        var page = browser.get(school.teacher, "/api/hand-ins/" + version)
                .json()
                .path("pages")
                .get(0);
        assertThat(page.path("pattern").path("name").asString()).isEqualTo("Cue notes");
        assertThat(page.path("entries").get(0).path("zone").asString()).isEqualTo("cues");
    }

    @Test
    void showsABrokenSealWhenAWordOrAPictureChanges() throws Exception {
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var media = school.photo(school.student, desk, EntryWidth.FULL);
        var version = sealed(true);
        db.sql(
                        "update hand_in_part set content = replace(content, 'one', 'two') where hand_in_id = ? and path like 'pages/%'")
                .param(version.toString())
                .update();
        var sha256 = db.sql("select sha256 from media where id = ?")
                .param(media.toString())
                .query(String.class)
                .single();
        var picture = mediaFolder.resolve(sha256.substring(0, 2)).resolve(sha256);
        var whole = Files.readAllBytes(picture);
        Files.write(picture, new byte[] {1, 2, 3});
        var seal = seal(version);
        Files.write(picture, whole);
        assertThat(seal.path("holds").asBoolean()).isFalse();
        assertThat(seal.path("broken")
                        .valueStream()
                        .map(path -> path.asString())
                        .toList())
                .containsExactly("media/" + media + ".jpg", "pages/001.json");
    }

    /** Whoever can write to the database can make a manifest that fits what they changed, but not sign it. */
    @Test
    void showsABrokenSealWhenPartsAndManifestAreChangedTogether() {
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var version = sealed(true);
        var part = db.sql("select content from hand_in_part where hand_in_id = ? and path = 'pages/001.json'")
                .param(version.toString())
                .query(String.class)
                .single()
                .replace("one clap", "two claps");
        var manifest = db.sql("select manifest from hand_in where id = ?")
                .param(version.toString())
                .query(String.class)
                .single()
                .replaceAll("\\w{64}(?=  pages/001)", Sha256.hex(part.getBytes(UTF_8)));
        db.sql("update hand_in_part set content = ? where hand_in_id = ? and path = 'pages/001.json'")
                .params(part, version.toString())
                .update();
        db.sql("update hand_in set manifest = ?, digest = ? where id = ?")
                .params(manifest, Manifest.parse(manifest).digest(), version.toString())
                .update();
        var seal = seal(version);
        assertThat(seal.path("holds").asBoolean()).isFalse();
        assertThat(seal.path("broken").get(0).asString()).isEqualTo("manifest");
    }

    @Test
    void givesAPackageThatAnybodyCanCheckByThePublicKey() throws Exception {
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        school.photo(school.student, desk, EntryWidth.FULL);
        var content = browser.get(school.student, "/api/hand-ins/" + sealed(true) + "/package")
                .response()
                .getContentAsByteArray();
        var parts = unzipped(content);
        var seal = new JsonMapper().readTree(parts.remove("seal.json"));
        var manifest = new String(parts.remove("manifest-sha256.txt"), UTF_8);
        assertThat(Manifest.over(parts).text()).isEqualTo(manifest);
        var statement = seal.path("statement").asString();
        assertThat(statement)
                .contains(
                        "Version: 1",
                        "Manifest: sha256 " + Manifest.parse(manifest).digest());
        var keys = Browser.texts(browser.get(null, "/api/seal-keys").json(), "key");
        assertThat(keys).contains(seal.path("key").asString());
        var base64 = Base64.getDecoder();
        var signed = new Signed(
                base64.decode(seal.path("key").asString()),
                base64.decode(seal.path("signature").asString()));
        assertThat(signed.holdsFor(statement.getBytes(UTF_8))).isTrue();
    }

    private static Map<String, byte[]> unzipped(byte[] content) throws IOException {
        var parts = new HashMap<String, byte[]>();
        try (var zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return parts;
    }

    @Test
    void goesThereAndBackAndThereAgain() {
        var entry = school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var first = sealed(false);
        assertThat(seal(UUID.randomUUID(), true).detail()).contains("still with your teacher");
        teacher("POST", first, "/open", "");
        assertThat(browser.send(school.student, "DELETE", "/api/hand-ins/" + first, "")
                        .status())
                .isEqualTo(409);
        teacher(
                "PUT",
                first,
                "/remarks/" + UUID.randomUUID(),
                "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'How many claps?'}".formatted(entry));
        teacher("POST", first, "/sent-back", "");
        assertThat(Browser.texts(
                        browser.get(school.student, "/api/pages/" + desk.page().id() + "/remarks")
                                .json(),
                        "words"))
                .containsExactly("How many claps?");
        assertThat(Browser.texts(ready().path("lines"), "words"))
                .contains("Remark 1, “How many claps?”: nothing changed there, and it has no answer");
        assertThat(seal(UUID.randomUUID(), true).json().path("version").asInt()).isEqualTo(2);
        var register = browser.get(school.teacher, "/api/set-work/" + setWork + "/register")
                .json()
                .path("students");
        assertThat(register.valueStream()
                        .map(line -> line.path("latest").path("state").asString("none"))
                        .toList())
                .containsExactlyInAnyOrder("WAITING", "none");
    }

    @Test
    void refusesRemarksOnAVersionThatIsNotOpen() {
        var entry = school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var version = sealed(false);
        assertThat(teacher(
                                "PUT",
                                version,
                                "/remarks/" + UUID.randomUUID(),
                                "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'x'}".formatted(entry))
                        .status())
                .isEqualTo(409);
        assertThat(teacher("POST", version, "/checked", "").status()).isEqualTo(409);
    }

    @Test
    void writesASignedPdfWhileTheSealHolds() throws IOException {
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        school.photo(school.student, desk, EntryWidth.HALF);
        var version = sealed(true);
        try (var pdf = pdf(version)) {
            assertThat(pdf.getLastSignatureDictionary().getReason())
                    .contains("version 1, by " + school.student.fullName());
        }
        db.sql("update hand_in_part set content = replace(content, 'one', 'two') where hand_in_id = ?")
                .param(version.toString())
                .update();
        try (var pdf = pdf(version)) {
            assertThat(pdf.getSignatureDictionaries()).isEmpty();
            assertThat(new PDFTextStripper().getText(pdf)).contains("version 1, its seal is broken");
        }
    }

    private PDDocument pdf(UUID version) throws IOException {
        return Loader.loadPDF(new CopiedFiles(browser)
                .of(school.teacher, "VERSION", version, "PDF")
                .getContentAsByteArray());
    }

    @Test
    void takesTheSameSealTwiceAsOne() {
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        var id = UUID.randomUUID();
        seal(id, false);
        assertThat(seal(id, false).json().path("version").asInt()).isEqualTo(1);
    }

    private JsonNode ready() {
        return browser.get(school.student, "/api/readiness?section=" + desk.section() + "&setWork=" + setWork)
                .json();
    }

    private JsonNode seal(UUID version) {
        return browser.get(school.teacher, "/api/hand-ins/" + version + "/seal").json();
    }

    private UUID sealed(boolean withMissing) {
        var id = UUID.randomUUID();
        assertThat(seal(id, withMissing).status()).isEqualTo(200);
        return id;
    }

    private Browser.Answer seal(UUID id, boolean withMissing) {
        var body = Sealing.section(desk.section(), setWork, withMissing);
        return browser.send(school.student, "PUT", "/api/hand-ins/" + id, body);
    }

    private Browser.Answer teacher(String method, UUID handIn, String path, String body) {
        return browser.send(school.teacher, method, "/api/hand-ins/" + handIn + path, body);
    }
}
