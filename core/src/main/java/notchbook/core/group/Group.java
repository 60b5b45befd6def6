package notchbook.core.group;

import java.util.List;
import java.util.UUID;

/** Some students of a class under a name. */
public record Group(UUID id, UUID classId, String name, UUID madeBy, List<UUID> members) {
    private static final int LONGEST_NAME = 60;

    public Group {
        name = name.strip();
        members = List.copyOf(members);
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("Give the group a name of up to 60 letters.");
        }
        if (members.isEmpty()) {
            throw new IllegalArgumentException("Choose who is in the group.");
        }
        if (members.stream().distinct().count() < members.size()) {
            throw new IllegalArgumentException("Somebody is in the group twice.");
        }
    }

    /** Names are told apart as people read them. */
    public boolean isCalledLike(Group other) {
        return !id.equals(other.id()) && name.equalsIgnoreCase(other.name());
    }
}
