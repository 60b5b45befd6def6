package notchbook.app.handin;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.AnchorView;
import notchbook.app.remark.Remarks;
import notchbook.core.remark.Saying;
import notchbook.formats.ink.DrawingJson;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class CheckingController {
    private final Checking checking;

    CheckingController(Checking checking) {
        this.checking = checking;
    }

    /** What is about to be said; the drawing as drawings are kept, its surface as wide and high as what it lies over. */
    record RemarkBody(
            AnchorView anchor,
            String words,
            Optional<UUID> soundId,
            @Schema(implementation = Object.class) Optional<JsonNode> drawing,
            Optional<Saying.Sign> sign,
            Optional<UUID> goesBackTo) {
        Saying saying() {
            try {
                return new Saying(
                        words, soundId, drawing.filter(JsonNode::isObject).map(DrawingJson::read), sign);
            } catch (IllegalArgumentException nothing) {
                throw Refusal.unfit(nothing.getMessage());
            }
        }
    }

    record JudgedBody(Optional<Integer> level) {}

    /** Judges a version by a criterion of its set work, both counted from 0; no level takes it back. */
    @PutMapping("/api/hand-ins/{id}/levels/{criterion}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void judge(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable int criterion,
            @RequestBody JudgedBody body) {
        checking.judge(reader, id, criterion, body.level());
    }

    @PostMapping("/api/hand-ins/{id}/open")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.open(reader, id);
    }

    @PutMapping("/api/hand-ins/{id}/remarks/{remark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remark(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID remark,
            @RequestBody RemarkBody body) {
        checking.remark(reader, new Remarks.Wish(remark, id, body.anchor().anchor(), body.saying(), body.goesBackTo()));
    }

    @DeleteMapping("/api/hand-ins/{id}/remarks/{remark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID remark) {
        checking.withdraw(reader, id, remark);
    }

    @PostMapping("/api/hand-ins/{id}/checked")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void markChecked(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.markChecked(reader, id);
    }

    @PostMapping("/api/hand-ins/{id}/sent-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sendBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        checking.sendBack(reader, id);
    }
}
