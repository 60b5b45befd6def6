package notchbook.formats.bag;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.DoubleConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import notchbook.core.seal.Sha256;

/** A bag in a ZIP file, as it came. Nothing of it is to be used before {@link #faults} has found none. */
public final class BagFile implements AutoCloseable {
    private static final String LIST = "manifest-sha256.txt";
    private static final String LIST_OF_LISTS = "tagmanifest-sha256.txt";

    /** A person's work of many years has fewer. */
    private static final int MOST_FILES = 300_000;

    /** All that is read of lists and of what a bag says of itself, in bytes. */
    private static final int LONGEST_LIST = 100_000_000;

    /** All that it holds, unpacked, in bytes. */
    private static final long LARGEST = 20_000_000_000L;

    private static final int BUFFER_BYTES = 65_536;

    private final ZipFile zip;
    private final SortedMap<String, ZipEntry> files;
    private final List<BagFault> misplaced;

    private BagFile(ZipFile zip, SortedMap<String, ZipEntry> files, List<BagFault> misplaced) {
        this.zip = zip;
        this.files = files;
        this.misplaced = misplaced;
    }

    /** An {@link IllegalArgumentException} says why a file is no bag at all. */
    public static BagFile open(Path file) throws IOException {
        try {
            var zip = new ZipFile(file.toFile());
            try {
                return of(zip);
            } catch (IllegalArgumentException | IOException none) {
                zip.close();
                throw none;
            }
        } catch (ZipException broken) {
            throw new IllegalArgumentException(
                    "This file can't be opened: it is no ZIP file, or a part of it is missing. Choose the file that Notchbook"
                            + " gave you, or fetch it once more.",
                    broken);
        }
    }

    private static BagFile of(ZipFile zip) throws IOException {
        if (zip.size() > MOST_FILES) {
            throw new IllegalArgumentException("There are more than 300,000 files in this one, so it was not opened.");
        }
        var entries = zip.stream().filter(entry -> !entry.isDirectory()).toList();
        if (size(entries) > LARGEST) {
            throw new IllegalArgumentException("There are more than 20 GB in this file, so it was not opened.");
        }
        var declaration = entries.stream()
                .map(ZipEntry::getName)
                .filter(name -> name.matches("[^/]+/bagit\\.txt"))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException(
                                "This is no bag: there is no bagit.txt in its folder. Choose the file that Notchbook gave you."));
        var folder = declaration.substring(0, declaration.indexOf('/') + 1);
        var files = new TreeMap<String, ZipEntry>();
        var misplaced = new ArrayList<BagFault>();
        for (var entry : entries) {
            var path = entry.getName().startsWith(folder) ? entry.getName().substring(folder.length()) : "";
            if (!isInside(path)) {
                misplaced.add(new BagFault(entry.getName(), "lies outside the folder of the bag."));
            } else if (files.put(path, entry) != null) {
                misplaced.add(new BagFault(path, "is in there twice."));
            }
        }
        return new BagFile(zip, Collections.unmodifiableSortedMap(files), List.copyOf(misplaced));
    }

    private static long size(Collection<? extends ZipEntry> entries) {
        return entries.stream().mapToLong(ZipEntry::getSize).sum();
    }

    /** A path of plain steps downward, on every system. */
    private static boolean isInside(String path) {
        return !path.isBlank()
                && !path.startsWith("/")
                && !path.contains("\\")
                && !path.contains(":")
                && List.of(path.split("/", -1)).stream()
                        .noneMatch(step -> step.isBlank() || step.matches("\\.{1,2}|~.*"));
    }

    /** What is wrong with it, file by file; every byte is read for that. {@code progress} is told how far it is, from 0 to 1. */
    public List<BagFault> faults(DoubleConsumer progress) throws IOException {
        var faults = new ArrayList<>(misplaced);
        for (var needed : List.of("bag-info.txt", LIST, LIST_OF_LISTS)) {
            if (!files.containsKey(needed)) {
                faults.add(new BagFault(needed, "is missing."));
            }
        }
        if (faults.isEmpty()) {
            var listed = new TreeMap<>(list(LIST_OF_LISTS));
            var carried = list(LIST);
            listed.putAll(carried);
            faults.addAll(compared(listed, progress));
            faults.addAll(notListed(listed));
        }
        return List.copyOf(faults);
    }

    private List<BagFault> compared(Map<String, String> listed, DoubleConsumer progress) throws IOException {
        var faults = new ArrayList<BagFault>();
        var all = Math.max(1, size(files.values()) - files.get(LIST_OF_LISTS).getSize());
        var done = 0L;
        for (var line : listed.entrySet()) {
            var entry = files.get(line.getKey());
            if (entry == null) {
                faults.add(new BagFault(line.getKey(), "is missing."));
                continue;
            }
            if (!digest(entry).equals(Optional.of(line.getValue()))) {
                faults.add(new BagFault(line.getKey(), "is not what it was when the bag was made."));
            }
            done += entry.getSize();
            progress.accept((double) done / all);
        }
        return faults;
    }

    private List<BagFault> notListed(Map<String, String> listed) {
        var others = new TreeSet<>(files.keySet());
        others.removeAll(listed.keySet());
        others.remove(LIST_OF_LISTS);
        return others.stream()
                .map(path -> new BagFault(path, "was put in later: no list names it."))
                .toList();
    }

    private Map<String, String> list(String path) throws IOException {
        return BagList.parse(text(path)).digests();
    }

    /** The digest of a file; none where it can't be unpacked, or is longer than it says. */
    private Optional<String> digest(ZipEntry entry) throws IOException {
        var digest = Sha256.begun();
        var buffer = new byte[BUFFER_BYTES];
        var left = entry.getSize();
        try (var in = zip.getInputStream(entry)) {
            for (var read = in.read(buffer); read >= 0 && left >= 0; read = in.read(buffer)) {
                digest.update(buffer, 0, read);
                left -= read;
            }
            return left < 0 ? Optional.empty() : Optional.of(Sha256.hexOf(digest));
        } catch (ZipException broken) {
            return Optional.empty();
        }
    }

    public BagInfo info() throws IOException {
        return BagInfo.parse(text("bag-info.txt"));
    }

    /** What it carries under a folder of its payload, in order of their paths. */
    public List<String> carried(String folder) {
        var from = "data/" + folder;
        return files.tailMap(from).keySet().stream()
                .takeWhile(path -> path.startsWith(from))
                .map(path -> path.substring("data/".length()))
                .toList();
    }

    public boolean carries(String path) {
        return files.containsKey("data/" + path);
    }

    /** A part of its payload that is there. */
    public InputStream read(String path) throws IOException {
        return zip.getInputStream(files.get("data/" + path));
    }

    private String text(String path) throws IOException {
        try (var in = zip.getInputStream(files.get(path))) {
            var bytes = in.readNBytes(LONGEST_LIST + 1);
            if (bytes.length > LONGEST_LIST) {
                throw new IllegalArgumentException(path + " in this bag is longer than any that Notchbook makes.");
            }
            return new String(bytes, UTF_8);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
