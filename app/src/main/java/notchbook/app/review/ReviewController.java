package notchbook.app.review;

import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.review.Fold;
import notchbook.core.text.OwnWords;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReviewController {
    private final Reviews reviews;

    ReviewController(Reviews reviews) {
        this.reviews = reviews;
    }

    /** A cue in its words, the entries that answer it, and whether it was known last time it was asked. */
    record CueView(UUID cue, String words, List<UUID> answers, Optional<Boolean> wasKnown) {}

    record FoldLineView(Fold.Kind kind, UUID entry, String words) {}

    record ReviewView(List<FoldLineView> lines, List<CueView> cues) {}

    record AskedBody(UUID cue, boolean isKnown) {}

    record RoundBody(List<AskedBody> asked) {}

    /** {@code run} is the longest run of words shared with the source, {@code copiedShare} is from 0 to 1. */
    record OwnWordsView(UUID entry, Optional<String> run, Optional<Integer> runWords, double copiedShare) {}

    @GetMapping("/api/pages/{id}/review")
    ReviewView review(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var review = reviews.of(reader, id);
        return new ReviewView(
                review.fold().lines().stream()
                        .map(line -> new FoldLineView(line.kind(), line.entry(), line.words()))
                        .toList(),
                review.cards().stream()
                        .map(card -> new CueView(
                                card.cue(),
                                card.words(),
                                card.answers(),
                                Optional.ofNullable(review.lastKnown().get(card.cue()))))
                        .toList());
    }

    @PostMapping("/api/pages/{id}/rounds")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepRound(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody RoundBody body) {
        reviews.keepRound(
                reader,
                id,
                body.asked().stream().collect(toMap(AskedBody::cue, AskedBody::isKnown, (first, last) -> last)));
    }

    @GetMapping("/api/pages/{id}/own-words")
    List<OwnWordsView> ownWords(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return reviews.ownWords(reader, id).entrySet().stream()
                .map(measured -> new OwnWordsView(
                        measured.getKey(),
                        measured.getValue().longest().map(OwnWords.Run::text),
                        measured.getValue().longest().map(OwnWords.Run::words),
                        measured.getValue().copiedShare()))
                .toList();
    }
}
