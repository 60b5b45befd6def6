package notchbook.demo;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import org.springframework.stereotype.Component;

/** The people of the demo school. */
@Component
class Cast {
    static final String PASSWORD = "paper-edge-7";

    final Person marlo = new Person(UUID.randomUUID(), "marlo", "Marlo Quist", Role.STUDENT);
    final List<Person> classmates = Stream.of(
                    "Teo Adewale",
                    "Sia Brindle",
                    "Joss Corrow",
                    "Lin Tamsey",
                    "Rue Vanterpool",
                    "Pim Yusk",
                    "Fenn Orchard",
                    "Ivo Penhale",
                    "Noor Sallow",
                    "Kit Dorrance",
                    "Ana Ellory",
                    "Hal Marsh")
            .map(name -> new Person(UUID.randomUUID(), name.split(" ")[0].toLowerCase(Locale.ROOT), name, Role.STUDENT))
            .toList();
    final Person tolland = new Person(UUID.randomUUID(), "tolland", "Ms Tolland", Role.TEACHER);
    final Person farrant = new Person(UUID.randomUUID(), "farrant", "Mr Farrant", Role.TEACHER);

    final Person harlow = new Person(UUID.randomUUID(), "harlow", "Ms Harlow", Role.KEEPER);

    final SchoolClass physics = new SchoolClass(UUID.randomUUID(), "10B Physics");
    final SchoolClass geography = new SchoolClass(UUID.randomUUID(), "10B Geography");
    final SchoolClass music = new SchoolClass(UUID.randomUUID(), "10C Music");

    List<Person> everyone() {
        return Stream.concat(Stream.of(marlo, tolland, farrant, harlow), classmates.stream())
                .toList();
    }

    List<Person> students() {
        return Stream.concat(Stream.of(marlo), classmates.stream()).toList();
    }
}
