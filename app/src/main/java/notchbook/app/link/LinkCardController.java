package notchbook.app.link;

import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LinkCardController {
    private final LinkCards cards;

    LinkCardController(LinkCards cards) {
        this.cards = cards;
    }

    /** Has the page fetched once more, for a card that says too little or whose page was not reached. */
    @PostMapping("/api/link-cards/{id}/again")
    LinkCardView again(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return LinkCardView.of(cards.again(reader, id));
    }
}
