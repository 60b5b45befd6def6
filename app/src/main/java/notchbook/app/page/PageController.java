package notchbook.app.page;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.EntryViews;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.page.PageViews.PageView;
import notchbook.app.page.PageViews.SlotView;
import notchbook.app.people.Person;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PageController {
    private final Pages pages;
    private final Sections sections;
    private final NotebookEntries entries;
    private final PageSlots slots;
    private final EntryViews views;
    private final SchoolYears years;

    PageController(
            Pages pages,
            Sections sections,
            NotebookEntries entries,
            PageSlots slots,
            EntryViews views,
            SchoolYears years) {
        this.pages = pages;
        this.sections = sections;
        this.entries = entries;
        this.slots = slots;
        this.views = views;
        this.years = years;
    }

    record NewPageBody(UUID sectionId, String title, Optional<LocalDate> day, Optional<Pattern> pattern) {}

    record PageBody(String title, LocalDate day) {}

    @GetMapping("/api/pages/{id}")
    PageView page(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return view(reader, pages.require(reader, id));
    }

    @PutMapping("/api/pages/{id}")
    PageView make(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody NewPageBody body) {
        var pattern = body.pattern().orElse(Patterns.FREE);
        return view(reader, pages.make(reader, body.sectionId(), id, body.title(), body.day(), pattern));
    }

    @PatchMapping("/api/pages/{id}")
    PageView update(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PageBody body) {
        return view(reader, pages.rename(reader, id, body.title(), body.day()));
    }

    @PutMapping("/api/pages/{id}/pattern")
    PageView lay(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody Pattern pattern) {
        return view(reader, pages.lay(reader, id, pattern));
    }

    @PutMapping("/api/pages/{id}/paper")
    PageView putOn(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody Paper paper) {
        return view(reader, pages.putOn(reader, id, paper));
    }

    @DeleteMapping("/api/pages/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        pages.delete(reader, id);
    }

    private PageView view(Person reader, Page page) {
        var section = sections.require(reader, page.sectionId());
        var onPage = entries.on(page);
        return new PageView(
                page.id(),
                page.sectionId(),
                section.notebookId(),
                section.title(),
                page.title(),
                page.day(),
                years.teachingWeekOf(page.day()),
                page.pattern(),
                page.paper(),
                slots.of(reader, page, onPage).stream()
                        .map(slot -> new SlotView(
                                slot.point().id(),
                                slot.point().code(),
                                slot.point().title(),
                                slot.kinds()))
                        .toList(),
                views.of(reader.id(), onPage));
    }
}
