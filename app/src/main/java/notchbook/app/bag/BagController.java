package notchbook.app.bag;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.CarriesUploads;
import notchbook.app.media.Uploads;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.MadeState;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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
class BagController {
    static final String UPLOADS = "/api/bag-uploads";

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final Bags bags;
    private final Uploads uploads;

    BagController(Bags bags, Uploads bagUploads) {
        this.bags = bags;
        this.uploads = bagUploads;
    }

    /** How far a bag is made, from 0 to 1; its size in bytes once it is ready; why it failed if it did. */
    record BagView(UUID id, String title, MadeState state, double share, long bytes, String words, Instant wantedAt) {}

    /** The same of one that is brought in, with what was found in it. */
    record BroughtBagView(
            UUID id, String name, BroughtBag.State state, double share, Found found, String words, Instant broughtAt) {
        static BroughtBagView of(BroughtBag bag) {
            return new BroughtBagView(
                    bag.id(), bag.name(), bag.state(), bag.share(), bag.found(), bag.words(), bag.broughtAt());
        }
    }

    /** The latest first. */
    record BagsView(List<BagView> made, List<BroughtBagView> brought) {}

    /** Of which notebook; of everything where there is none. */
    record BagBody(Optional<UUID> notebookId) {}

    /** The path of an upload that is whole, and its name on the sender's device. */
    record BroughtBody(String upload, String name) {}

    @GetMapping("/api/bags")
    BagsView all(@AuthenticationPrincipal Person reader) {
        return new BagsView(
                bags.of(reader).stream().map(bag -> view(reader, bag)).toList(),
                bags.broughtBy(reader).stream().map(BroughtBagView::of).toList());
    }

    @PutMapping("/api/bags/{id}")
    BagView make(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody BagBody body) {
        return view(reader, bags.make(reader, id, body.notebookId()));
    }

    @GetMapping("/api/bags/{id}/file")
    ResponseEntity<Resource> file(@AuthenticationPrincipal Person reader, @PathVariable UUID id) throws IOException {
        var ready = bags.ready(reader, id);
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(HttpHeaders.CONTENT_DISPOSITION, Download.named(ready.title(), "zip"))
                .body(new FileSystemResource(ready.file()));
    }

    @DeleteMapping("/api/bags/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        bags.delete(reader, id);
    }

    @Hidden
    @CarriesUploads({UPLOADS, UPLOADS + "/**"})
    void carry(@AuthenticationPrincipal Person reader, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        uploads.answer(reader, request, response);
    }

    @PutMapping("/api/brought-bags/{id}")
    BroughtBagView bring(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody BroughtBody body)
            throws IOException {
        var bag = bags.bring(reader, id, body.upload(), body.name());
        uploads.forget(reader, body.upload());
        return BroughtBagView.of(bag);
    }

    /** Has a bag taken in that was found to be whole. */
    @PostMapping("/api/brought-bags/{id}/taking")
    BroughtBagView take(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return BroughtBagView.of(bags.take(reader, id));
    }

    private BagView view(Person reader, Bag bag) {
        return new BagView(
                bag.id(), bags.title(reader, bag), bag.state(), bag.share(), bag.bytes(), bag.words(), bag.wantedAt());
    }
}
