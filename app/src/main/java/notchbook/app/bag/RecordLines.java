package notchbook.app.bag;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.util.Optional;
import notchbook.formats.bag.BagFile;

/** The lines of a table's records in a bag, one after the other and none longer than any that a Notchbook writes. */
final class RecordLines implements AutoCloseable {
    /** As much as one entry may hold, in characters. */
    private static final int LONGEST = 50_000_000;

    private final Reader in;
    private int number;

    private RecordLines(Reader in) {
        this.in = in;
    }

    static RecordLines of(BagFile bag, BagTable table) throws IOException {
        var path = BagRecords.path(table);
        return new RecordLines(
                bag.carries(path)
                        ? new BufferedReader(new InputStreamReader(bag.read(path), UTF_8))
                        : Reader.nullReader());
    }

    Optional<String> next() throws IOException {
        number++;
        var line = new StringBuilder();
        var sign = in.read();
        if (sign < 0) {
            return Optional.empty();
        }
        for (; sign >= 0 && sign != '\n'; sign = in.read()) {
            line.append((char) sign);
            if (line.length() > LONGEST) {
                throw new IllegalArgumentException("A line without an end");
            }
        }
        return Optional.of(line.toString());
    }

    /** The number of the line that was read last, from 1. */
    int number() {
        return number;
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
