package notchbook.app.suggest;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SuggestionController {
    /** As many characters of an entry's words as a line shows. */
    private static final int LONGEST_EXCERPT = 240;

    private final Suggestions suggestions;
    private final SchoolClock clock;

    SuggestionController(Suggestions suggestions, SchoolClock clock) {
        this.suggestions = suggestions;
        this.clock = clock;
    }

    record SuggestionView(UUID point, String code, String title, List<String> words) {}

    record UnfiledEntryView(
            UUID id,
            UUID pageId,
            EntryKind kind,
            String name,
            String excerpt,
            LocalDate day,
            List<SuggestionView> suggestions) {}

    @GetMapping("/api/entries/{id}/suggestions")
    List<SuggestionView> suggestions(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return views(suggestions.of(reader, id));
    }

    @GetMapping("/api/notebooks/{id}/unfiled")
    List<UnfiledEntryView> unfiled(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return suggestions.unfiled(reader, id).stream().map(this::view).toList();
    }

    @PutMapping("/api/entries/{id}/not-this/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refuse(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        suggestions.refuse(reader, id, point);
    }

    @DeleteMapping("/api/entries/{id}/not-this/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void allow(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        suggestions.allow(reader, id, point);
    }

    @PutMapping("/api/entries/{id}/beside-syllabus")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setBeside(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        suggestions.setBeside(reader, id);
    }

    @DeleteMapping("/api/entries/{id}/beside-syllabus")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clearBeside(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        suggestions.clearBeside(reader, id);
    }

    private UnfiledEntryView view(OfferedEntry one) {
        var entry = one.entry();
        var excerpt = one.text().substring(0, Math.min(one.text().length(), LONGEST_EXCERPT));
        return new UnfiledEntryView(
                entry.id(),
                entry.place().pageId(),
                entry.kind(),
                entry.name(),
                excerpt,
                clock.dayOf(entry.madeAt()),
                views(one.offers()));
    }

    private static List<SuggestionView> views(List<Offer> offers) {
        return offers.stream()
                .map(offer -> new SuggestionView(
                        offer.point().id(), offer.point().code(), offer.point().title(), offer.words()))
                .toList();
    }
}
