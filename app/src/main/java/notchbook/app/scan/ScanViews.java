package notchbook.app.scan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.scan.BenchOrder.Laid;
import notchbook.app.scan.ScanView.RecipeView;
import notchbook.app.scan.ScanView.ShotView;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.PageShape;
import notchbook.core.scan.Recipe;
import notchbook.core.text.Words;
import notchbook.formats.scan.PhotoSetJson;
import org.springframework.stereotype.Component;

/** Turns a bench into what its screen is sent. */
@Component
class ScanViews {
    private final Scans scans;
    private final BenchOrder order;
    private final Pages pages;

    ScanViews(Scans scans, BenchOrder order, Pages pages) {
        this.scans = scans;
        this.order = order;
        this.pages = pages;
    }

    ScanView of(Person reader, ScanBench bench) {
        var shots = scans.shotsOn(bench);
        var laid = order.of(shots);
        var byId = shots.stream().collect(Collectors.toMap(Shot::id, Function.identity()));
        return new ScanView(
                bench.id(),
                bench.pageId(),
                pages.require(reader, bench.pageId()).title(),
                bench.entryId(),
                bench.name(),
                laid.bench().reason(),
                laid.bench().order().stream()
                        .map(id -> shot(byId.get(id), laid))
                        .toList());
    }

    private static ShotView shot(Shot shot, Laid laid) {
        var picture = shot.pictureId().map(laid.items()::get);
        return new ShotView(
                shot.id(),
                MediaView.of(laid.items().get(shot.photoId())),
                picture.map(MediaView::of),
                shot.state(),
                shot.recipe().map(ScanViews::recipe),
                picture.filter(item -> !item.id().equals(shot.photoId())).flatMap(ScanViews::shape),
                number(laid.bench().kept(), shot.id()),
                laid.bench().leftOut().contains(shot.id()),
                Optional.ofNullable(laid.bench().againOf().get(shot.id())),
                Optional.ofNullable(laid.bench().maybeOf().get(shot.id())),
                shot.judgement().map(Judgement::advice).orElse(List.of()),
                picture.map(item -> laid.words().get(item.id()))
                        .map(Words::count)
                        .orElse(0),
                laid.items().get(shot.photoId()).capturedAt().isPresent(),
                shot.name(),
                shot.gist());
    }

    private static RecipeView recipe(Recipe recipe) {
        return new RecipeView(PhotoSetJson.corners(recipe.quad()), recipe.quarters(), recipe.finish());
    }

    private static Optional<PageShape> shape(MediaItem picture) {
        return PageShape.near(
                picture.width().orElse(1) / (double) picture.height().orElse(1));
    }

    private static Optional<Integer> number(List<UUID> kept, UUID id) {
        var place = kept.indexOf(id);
        return place < 0 ? Optional.empty() : Optional.of(place + 1);
    }
}
