/** Persons, classes and signing in. */
@NullMarked
package notchbook.app.people;

import org.jspecify.annotations.NullMarked;
