package notchbook.app.bag;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Field;
import org.jooq.Record;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A row as one line of JSON: times as in ISO 8601, bytes in base64, what has no value left out. */
final class RowJson {
    private static final JsonMapper MAPPER = new JsonMapper();

    private RowJson() {}

    static String write(Record row) {
        var line = MAPPER.createObjectNode();
        for (var column : row.fields()) {
            put(line, column.getName(), row.get(column));
        }
        return line.toString();
    }

    private static void put(ObjectNode line, String name, Object value) {
        switch (value) {
            case null -> {}
            case Boolean truth -> line.put(name, truth);
            case Integer number -> line.put(name, number);
            case Long number -> line.put(name, number);
            case Double number -> line.put(name, number);
            case byte[] bytes -> line.put(name, Base64.getEncoder().encodeToString(bytes));
            default -> line.put(name, value.toString());
        }
    }

    /** The values of the columns that a line has; an {@link IllegalArgumentException} says that it is none of this table. */
    static Map<Field<?>, Object> read(String line, List<Field<?>> columns) {
        try {
            var node = MAPPER.readTree(line);
            var row = new HashMap<Field<?>, Object>();
            for (var column : columns) {
                if (node.hasNonNull(column.getName())) {
                    row.put(column, value(node.get(column.getName()), column.getType()));
                }
            }
            return row;
        } catch (JacksonException | DateTimeParseException odd) {
            throw new IllegalArgumentException("Not a row", odd);
        }
    }

    private static Object value(JsonNode value, Class<?> type) {
        if (type == UUID.class) {
            return UUID.fromString(value.asString());
        }
        if (type == Instant.class) {
            return Instant.parse(value.asString());
        }
        if (type == LocalDate.class) {
            return LocalDate.parse(value.asString());
        }
        if (type == byte[].class) {
            return Base64.getDecoder().decode(value.asString());
        }
        if (type == Boolean.class) {
            return value.asBoolean();
        }
        if (type == Integer.class || type == Byte.class) {
            return value.asInt();
        }
        if (type == Long.class) {
            return value.asLong();
        }
        if (type == Double.class) {
            return value.asDouble();
        }
        return value.asString();
    }
}
