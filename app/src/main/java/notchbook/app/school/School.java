package notchbook.app.school;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.app.people.Entrance;
import notchbook.app.people.NewPasswords;
import notchbook.app.people.NewPasswords.NewPassword;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a keeper does: people in, classes made, new passwords given. */
@Service
class School {
    /** A year group at once; each costs a tenth of a second. */
    private static final int MOST_AT_ONCE = 60;

    private static final int LONGEST_CLASS_NAME = 60;

    private final People people;
    private final Entrance entrance;
    private final NewPasswords passwords;

    School(People people, Entrance entrance, NewPasswords passwords) {
        this.people = people;
        this.entrance = entrance;
        this.passwords = passwords;
    }

    List<Person> people(Person keeper) {
        keeper.requireKeeper();
        return people.all();
    }

    Map<SchoolClass, List<UUID>> classes(Person keeper) {
        keeper.requireKeeper();
        return people.classes();
    }

    @Transactional
    List<NewPassword> enter(Person keeper, Role role, List<String> names) {
        keeper.requireKeeper();
        var wanted = names.stream()
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        if (wanted.isEmpty() || wanted.size() > MOST_AT_ONCE) {
            throw Refusal.unfit("Type 1 to 60 names, one on each line.");
        }
        return wanted.stream().map(name -> entrance.enter(role, name)).toList();
    }

    @Transactional
    NewPassword givePassword(Person keeper, UUID id) {
        keeper.requireKeeper();
        return passwords.give(people.find(id).orElseThrow(() -> Refusal.notFound("person")));
    }

    @Transactional
    void keepClass(Person keeper, SchoolClass wish, List<UUID> members) {
        keeper.requireKeeper();
        if (wish.name().isEmpty() || wish.name().length() > LONGEST_CLASS_NAME) {
            throw Refusal.unfit("Give the class a name of up to 60 letters.");
        }
        members.forEach(id -> people.find(id)
                .filter(person -> !person.isKeeper())
                .orElseThrow(() -> Refusal.unfit("Only teachers and students are in classes. Choose again.")));
        people.keep(wish, members);
    }
}
