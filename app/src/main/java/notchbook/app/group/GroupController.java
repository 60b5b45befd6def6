package notchbook.app.group;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.core.group.Group;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class GroupController {
    private final Groups groups;
    private final People people;

    GroupController(Groups groups, People people) {
        this.groups = groups;
        this.people = people;
    }

    record StudentName(UUID id, String name) {}

    record GroupView(UUID id, String name, List<UUID> members, boolean mayChange) {}

    /** The groups of a class with all its students; {@code studentsMayMake} is what its teachers said of it. */
    record GroupsView(
            String className,
            boolean studentsMayMake,
            boolean mayMake,
            List<GroupView> groups,
            List<StudentName> students) {}

    record GroupBody(String name, List<UUID> members) {}

    record GroupRuleBody(boolean studentsMayMake) {}

    record SplitBody(int size) {}

    @GetMapping("/api/classes/{id}/groups")
    GroupsView all(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var schoolClass = people.requireClass(reader, id);
        return new GroupsView(
                schoolClass.name(),
                groups.mayStudentsMake(id),
                groups.mayMake(reader, id),
                groups.in(reader, id).stream().map(group -> view(reader, group)).toList(),
                people.studentsOf(id).stream()
                        .map(student -> new StudentName(student.id(), student.fullName()))
                        .toList());
    }

    private static GroupView view(Person reader, Group group) {
        return new GroupView(group.id(), group.name(), group.members(), Groups.mayChange(reader, group));
    }

    @PutMapping("/api/classes/{id}/groups/{group}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID group,
            @RequestBody GroupBody body) {
        groups.keep(reader, id, group, body.name(), body.members());
    }

    @DeleteMapping("/api/classes/{id}/groups/{group}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID group) {
        groups.end(reader, id, group);
    }

    @PutMapping("/api/classes/{id}/group-rule")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rule(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody GroupRuleBody body) {
        groups.letStudentsMake(reader, id, body.studentsMayMake());
    }

    /** Puts everybody who is in no group into new ones of about this size, by lot. */
    @PostMapping("/api/classes/{id}/group-split")
    List<GroupView> split(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SplitBody body) {
        return groups.split(reader, id, body.size()).stream()
                .map(group -> view(reader, group))
                .toList();
    }
}
