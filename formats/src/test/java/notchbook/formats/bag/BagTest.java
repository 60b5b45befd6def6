package notchbook.formats.bag;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import gov.loc.repository.bagit.reader.BagReader;
import gov.loc.repository.bagit.verify.BagVerifier;
import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class BagTest {
    private static final BagInfo INFO = new BagInfo(Map.of("External-Description", "Marlo Quist's\nPhysics"));

    @TempDir
    private Path folder;

    private Path bag() throws IOException {
        return bag("read/high tides.md");
    }

    private Path bag(String page) throws IOException {
        var file = folder.resolve("bag.zip");
        var photo = Files.write(folder.resolve("photo"), new byte[] {1, 2, 3});
        try (var bag = new BagWriter(Files.newOutputStream(file), "physics")) {
            bag.put("records/page.jsonl", "{\"title\":\"Échos\"}\n");
            bag.put(page, "# Tides\n");
            bag.copy("media/photo.jpg", photo);
            bag.finish(INFO);
        }
        return file;
    }

    @Test
    void passesTheCheckerOfTheStandard() throws Exception {
        try (var zip = FileSystems.newFileSystem(bag());
                var verifier = new BagVerifier()) {
            var root = unpacked(zip.getPath("/physics"));
            var read = new BagReader().read(root);
            assertThatCode(() -> verifier.isValid(read, false)).doesNotThrowAnyException();
            BagVerifier.quicklyVerify(read);
        }
    }

    private Path unpacked(Path inside) throws IOException {
        var root = folder.resolve("unpacked");
        try (var paths = Files.walk(inside)) {
            for (var path : paths.toList()) {
                var target = root.resolve(inside.relativize(path).toString());
                if (Files.isDirectory(path)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(path, target);
                }
            }
        }
        return root;
    }

    @Test
    void givesBackWhatWasPutIn() throws IOException {
        try (var bag = BagFile.open(bag("read/100 % tides\nhigh.md"))) {
            var progress = new ArrayList<Double>();
            assertThat(bag.faults(progress::add)).isEmpty();
            assertThat(progress).isSorted().last().isEqualTo(1.0);
            assertThat(bag.carried(""))
                    .containsExactly("media/photo.jpg", "read/100 % tides\nhigh.md", "records/page.jsonl");
            assertThat(bag.carried("records/")).containsExactly("records/page.jsonl");
            assertThat(bag.read("records/page.jsonl")).hasContent("{\"title\":\"Échos\"}");
            assertThat(bag.info().get("External-Description")).hasValue("Marlo Quist's Physics");
            assertThat(bag.info().get("Payload-Oxum")).hasValue("30.3");
        }
    }

    @Test
    void isTheSameWheneverItIsWritten() throws IOException {
        var first = Files.readAllBytes(bag());
        assertThat(Files.readAllBytes(bag())).isEqualTo(first);
    }

    static Stream<Arguments> damages() {
        return Stream.of(
                damage(
                        "a byte changed",
                        parts -> parts.put("physics/data/media/photo.jpg", new byte[] {1, 2, 4}),
                        new BagFault("data/media/photo.jpg", "is not what it was when the bag was made.")),
                damage(
                        "a part missing",
                        parts -> parts.remove("physics/data/media/photo.jpg"),
                        new BagFault("data/media/photo.jpg", "is missing.")),
                damage(
                        "a part more",
                        parts -> parts.put("physics/data/media/more.jpg", new byte[0]),
                        new BagFault("data/media/more.jpg", "was put in later: no list names it.")),
                damage(
                        "a part for outside its data",
                        parts -> parts.put("physics/more.txt", new byte[0]),
                        new BagFault("more.txt", "was put in later: no list names it.")),
                damage(
                        "what it says of itself changed",
                        parts -> parts.put("physics/bag-info.txt", "Payload-Oxum: 30.3\n".getBytes(UTF_8)),
                        new BagFault("bag-info.txt", "is not what it was when the bag was made.")),
                damage(
                        "a line of the list changed",
                        parts -> parts.computeIfPresent(
                                "physics/manifest-sha256.txt", (path, list) -> new String(list, UTF_8)
                                        .replaceFirst("^.", "x")
                                        .getBytes(UTF_8)),
                        new BagFault("manifest-sha256.txt", "is not what it was when the bag was made."),
                        new BagFault("data/media/photo.jpg", "was put in later: no list names it.")),
                damage(
                        "no list",
                        parts -> parts.remove("physics/manifest-sha256.txt"),
                        new BagFault("manifest-sha256.txt", "is missing.")),
                damage(
                        "no list of lists",
                        parts -> parts.remove("physics/tagmanifest-sha256.txt"),
                        new BagFault("tagmanifest-sha256.txt", "is missing.")),
                outside("physics/data/../../evil.sh", "physics/data/../../evil.sh"),
                outside("../evil.sh", "../evil.sh"),
                outside("/etc/evil", "/etc/evil"),
                outside("physics//etc/evil", "physics//etc/evil"),
                outside("physics/data/..\\evil", "physics/data/..\\evil"),
                outside("physics/data/C:evil", "physics/data/C:evil"),
                outside("physics/data/~root", "physics/data/~root"),
                outside("biology/data/leaf.jpg", "biology/data/leaf.jpg"));
    }

    private static Arguments outside(String path, String named) {
        return damage(
                "a path " + path,
                parts -> parts.put(path, new byte[0]),
                new BagFault(named, "lies outside the folder of the bag."));
    }

    private static Arguments damage(String name, Consumer<Map<String, byte[]>> doing, BagFault... faults) {
        return arguments(Named.of(name, doing), List.of(faults));
    }

    @ParameterizedTest
    @MethodSource("damages")
    void namesWhatIsDamagedFileByFile(Consumer<Map<String, byte[]>> damage, List<BagFault> faults) throws IOException {
        var parts = parts(bag());
        damage.accept(parts);
        try (var bag = BagFile.open(packed(parts))) {
            assertThat(bag.faults(share -> {})).containsExactlyElementsOf(faults);
        }
    }

    @Test
    void refusesBagsOfNothing() throws IOException {
        var parts = parts(bag());
        parts.remove("physics/bagit.txt");
        var packed = packed(parts);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BagFile.open(packed))
                .withMessageStartingWith("This is no bag: there is no bagit.txt in its folder.");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 100, -100, -1})
    void refusesFilesThatAreCutOff(int at) throws IOException {
        var whole = Files.readAllBytes(bag());
        var cut = Arrays.copyOf(whole, at < 0 ? whole.length + at : at);
        var file = Files.write(folder.resolve("cut.zip"), cut);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BagFile.open(file))
                .withMessageStartingWith("This file can't be opened");
    }

    @Test
    void readsNoMoreOfAPartThanItSaysThatItHas() throws IOException {
        var packed = Files.readAllBytes(bag());
        // The size in the ZIP file's own list, at its end, says one byte for what has three.
        var at = new String(packed, ISO_8859_1).lastIndexOf("physics/data/media/photo.jpg");
        packed[at - 22] = 1;
        try (var bag = BagFile.open(Files.write(folder.resolve("lies.zip"), packed))) {
            assertThat(bag.faults(share -> {}))
                    .containsExactly(new BagFault("data/media/photo.jpg", "is not what it was when the bag was made."));
        }
    }

    private static Map<String, byte[]> parts(Path file) throws IOException {
        var parts = new LinkedHashMap<String, byte[]>();
        try (var zip = new ZipFile(file.toFile())) {
            for (var entry : zip.stream().toList()) {
                parts.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
        return parts;
    }

    private Path packed(Map<String, byte[]> parts) throws IOException {
        var file = folder.resolve("packed.zip");
        try (var zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (var part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
        return file;
    }
}
