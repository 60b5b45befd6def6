package notchbook.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Map;
import java.util.Random;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import notchbook.formats.bag.BagFile;
import notchbook.formats.bag.BagInfo;
import notchbook.formats.bag.BagWriter;

/** How long a bag of 2 GB takes to be written and to be looked through, beside the bare libraries that do the same work. */
final class BagBench {
    private static final int FILES = 100;
    private static final int FILE_BYTES = 20_000_000;

    private final Path folder;
    private final Path file;

    private BagBench(Path folder) throws IOException {
        this.folder = folder;
        this.file = folder.resolve("photo");
        var bytes = new byte[FILE_BYTES];
        new Random(7).nextBytes(bytes);
        Files.write(file, bytes);
    }

    static void run() {
        try {
            var bench = new BagBench(Files.createTempDirectory("notchbook-bag"));
            for (var round = 1; round <= 2; round++) {
                timed("a bag of 2 GB, written", bench::write);
                timed("the same, every byte looked through", bench::look);
                timed("bare: 2 GB into a ZIP file, SHA-256 of it", bench::bare);
            }
            System.out.printf("heap at its fullest: %d MB%n", fullest() / 1_000_000);
            bench.delete();
        } catch (IOException full) {
            throw new IllegalStateException("A bag takes 4 GB of room for temporary files.", full);
        }
    }

    private interface Work {
        void run() throws IOException;
    }

    private static void timed(String what, Work work) throws IOException {
        var begun = System.nanoTime();
        work.run();
        System.out.printf("%s: %.1f s%n", what, (System.nanoTime() - begun) / 1e9);
    }

    private OutputStream to(String name) throws IOException {
        return new BufferedOutputStream(Files.newOutputStream(folder.resolve(name)));
    }

    private void write() throws IOException {
        try (var bag = new BagWriter(to("bag.zip"), "bag")) {
            for (var i = 0; i < FILES; i++) {
                bag.copy("media/" + i + ".jpg", file);
            }
            bag.finish(new BagInfo(Map.of()));
        }
    }

    private void look() throws IOException {
        try (var bag = BagFile.open(folder.resolve("bag.zip"))) {
            if (!bag.faults(share -> {}).isEmpty()) {
                throw new IllegalStateException("The bag is damaged.");
            }
        }
    }

    private void bare() throws IOException {
        try (var zip = new ZipOutputStream(to("bare.zip"));
                var digest = new DigestOutputStream(zip, MessageDigest.getInstance("SHA-256"))) {
            zip.setLevel(Deflater.NO_COMPRESSION);
            for (var i = 0; i < FILES; i++) {
                zip.putNextEntry(new ZipEntry(i + ".jpg"));
                Files.copy(file, digest);
                zip.closeEntry();
            }
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Every Java platform has SHA-256.", missing);
        }
    }

    /** What the heap held at most, in bytes. */
    private static long fullest() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .map(MemoryPoolMXBean::getPeakUsage)
                .mapToLong(usage -> usage.getUsed())
                .sum();
    }

    private void delete() throws IOException {
        for (var name : new String[] {"photo", "bag.zip", "bare.zip"}) {
            Files.deleteIfExists(folder.resolve(name));
        }
        Files.delete(folder);
    }
}
