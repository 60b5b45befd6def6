package notchbook.app.school;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.NewPasswords.NewPassword;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SchoolController {
    private final School school;

    SchoolController(School school) {
        this.school = school;
    }

    record MemberView(UUID id, String userName, String fullName, Role role) {}

    record SchoolClassView(UUID id, String name, List<UUID> members) {}

    record SchoolView(List<MemberView> people, List<SchoolClassView> classes) {}

    record NewPeopleBody(Role role, List<String> names) {}

    record ClassBody(String name, List<UUID> members) {}

    @GetMapping("/api/school")
    SchoolView school(@AuthenticationPrincipal Person reader) {
        return new SchoolView(
                school.people(reader).stream()
                        .map(one -> new MemberView(one.id(), one.userName(), one.fullName(), one.role()))
                        .toList(),
                school.classes(reader).entrySet().stream()
                        .map(one -> new SchoolClassView(
                                one.getKey().id(), one.getKey().name(), one.getValue()))
                        .toList());
    }

    /** Enters people by their full names; the answer is the only place where their passwords are said. */
    @PostMapping("/api/school/people")
    List<NewPassword> enter(@AuthenticationPrincipal Person reader, @RequestBody NewPeopleBody body) {
        return school.enter(reader, body.role(), body.names());
    }

    @PostMapping("/api/school/people/{id}/password")
    NewPassword givePassword(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return school.givePassword(reader, id);
    }

    /** Makes a class, or changes its name and who is in it. */
    @PutMapping("/api/school/classes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepClass(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ClassBody body) {
        school.keepClass(reader, new SchoolClass(id, body.name().strip()), body.members());
    }
}
