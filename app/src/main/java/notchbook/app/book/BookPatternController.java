package notchbook.app.book;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPattern;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BookPatternController {
    private final BookPatterns patterns;

    BookPatternController(BookPatterns patterns) {
        this.patterns = patterns;
    }

    record BookPatternBody(String name, String forWhom, List<BookPart> parts) {
        BookPattern pattern(UUID id) {
            return new BookPattern(id, name, forWhom, parts);
        }
    }

    /** The parts that a new pattern begins with, and the patterns of a class or a school. */
    record BookPatternsView(List<BookPart> ours, List<BookPattern> patterns) {}

    /** What the reader can begin a book with, that of the classes first. */
    @GetMapping("/api/book-patterns")
    List<BookPattern> offered(@AuthenticationPrincipal Person reader) {
        return patterns.offered(reader);
    }

    @GetMapping("/api/classes/{classId}/book-patterns")
    BookPatternsView ofClass(@AuthenticationPrincipal Person teacher, @PathVariable UUID classId) {
        return new BookPatternsView(BookPart.YEAR, patterns.ofClass(teacher, classId));
    }

    @PutMapping("/api/classes/{classId}/book-patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepOfClass(
            @AuthenticationPrincipal Person teacher,
            @PathVariable UUID classId,
            @PathVariable UUID id,
            @RequestBody BookPatternBody body) {
        patterns.keepOfClass(teacher, classId, body.pattern(id));
    }

    @DeleteMapping("/api/classes/{classId}/book-patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteOfClass(@AuthenticationPrincipal Person teacher, @PathVariable UUID classId, @PathVariable UUID id) {
        patterns.deleteOfClass(teacher, classId, id);
    }

    @GetMapping("/api/school/book-patterns")
    BookPatternsView ofSchool(@AuthenticationPrincipal Person keeper) {
        return new BookPatternsView(BookPart.YEAR, patterns.ofSchool(keeper));
    }

    @PutMapping("/api/school/book-patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepOfSchool(
            @AuthenticationPrincipal Person keeper, @PathVariable UUID id, @RequestBody BookPatternBody body) {
        patterns.keepOfSchool(keeper, body.pattern(id));
    }

    @DeleteMapping("/api/school/book-patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteOfSchool(@AuthenticationPrincipal Person keeper, @PathVariable UUID id) {
        patterns.deleteOfSchool(keeper, id);
    }
}
