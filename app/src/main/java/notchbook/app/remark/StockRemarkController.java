package notchbook.app.remark;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.remark.StockRemarks.StockRemark;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StockRemarkController {
    private final StockRemarks stock;

    StockRemarkController(StockRemarks stock) {
        this.stock = stock;
    }

    record StockRemarkView(UUID id, String words) {}

    record StockBody(@JsonSetter(contentNulls = Nulls.FAIL) List<StockRemarkView> sentences) {}

    /** A teacher's own sentences, in their order. */
    @GetMapping("/api/stock-remarks")
    List<StockRemarkView> stock(@AuthenticationPrincipal Person reader) {
        return stock.of(reader).stream()
                .map(one -> new StockRemarkView(one.id(), one.words()))
                .toList();
    }

    @PutMapping("/api/stock-remarks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Person reader, @RequestBody StockBody body) {
        stock.keep(
                reader,
                body.sentences().stream()
                        .map(one -> new StockRemark(one.id(), one.words()))
                        .toList());
    }
}
