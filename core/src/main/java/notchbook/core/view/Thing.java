package notchbook.core.view;

import java.util.List;
import java.util.Map;

/**
 * A thing of a collection as views see it: by the key of each detail the values that it has. What it is, its topics, when it was kept and
 * the like are details too. {@code words} is all that is looked through for words, in small letters.
 */
public record Thing(String id, String words, Map<String, List<String>> values) {
    List<String> of(String detail) {
        return values.getOrDefault(detail, List.of());
    }
}
