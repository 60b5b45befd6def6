package notchbook.core.version;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.ink.Stroke;
import notchbook.core.version.EntryChange.Detail;
import notchbook.core.version.EntryChange.Kind;
import notchbook.core.version.Version.Entry;
import notchbook.core.version.Version.Ink;
import notchbook.core.version.Version.Matter;
import notchbook.core.version.Version.Other;
import notchbook.core.version.Version.Pictures;
import notchbook.core.version.Version.Text;

/**
 * What changed between two versions (docs/rules.md, Differences of versions): the entries of the newer one in its order, then
 * those that it no longer has; and the pages that moved.
 */
public record Differences(List<EntryChange> entries, Set<UUID> movedPages) {
    public static Differences between(Version before, Version after) {
        var old = before.byId();
        var now = after.byId();
        var moved = movedEntries(before, after);
        var changes = new ArrayList<EntryChange>();
        now.values()
                .forEach(entry -> changes.add(
                        old.containsKey(entry.id())
                                ? stayed(old.get(entry.id()), entry, moved.contains(entry.id()))
                                : whole(entry, Kind.ADDED)));
        old.values().stream()
                .filter(entry -> !now.containsKey(entry.id()))
                .forEach(entry -> changes.add(whole(entry, Kind.TAKEN_OUT)));
        return new Differences(List.copyOf(changes), movedAmong(pageIds(before), pageIds(after)));
    }

    /** What changed within an entry that both versions have, wherever it stands. */
    public static EntryChange of(Entry old, Entry now) {
        return stayed(old, now, false);
    }

    /** How many things changed: entries, each once, and pages that moved. */
    public int count() {
        return (int) entries.stream().filter(EntryChange::isAnything).count() + movedPages.size();
    }

    private static List<UUID> pageIds(Version version) {
        return version.pages().stream().map(Version.Page::id).toList();
    }

    private static EntryChange whole(Entry entry, Kind kind) {
        return new EntryChange(entry.id(), kind, false, false, new EntryChange.Nothing());
    }

    private static EntryChange stayed(Entry old, Entry now, boolean isMoved) {
        var detail = detail(old.matter(), now.matter());
        var isCaptionChanged = !old.caption().equals(now.caption());
        var isChanged = isCaptionChanged || !(detail instanceof EntryChange.Nothing);
        return new EntryChange(now.id(), isChanged ? Kind.CHANGED : Kind.SAME, isMoved, isCaptionChanged, detail);
    }

    private static Detail detail(Matter old, Matter now) {
        return switch (now) {
            case Text is when old instanceof Text was -> words(was.words(), is.words());
            case Ink is
            when old instanceof Ink was ->
                strokes(was.drawing().strokes(), is.drawing().strokes());
            case Pictures is when old instanceof Pictures was -> pictures(was, is);
            case Other is
            when old instanceof Other was && was.digest().equals(is.digest()) -> words(was.words(), is.words());
            default -> new EntryChange.Replaced();
        };
    }

    /** What was only laid out anew, a word in bold or a line in a list, changed nothing that is said. */
    private static Detail words(String was, String is) {
        var change = TextChange.of(was, is);
        return change.isNone() ? new EntryChange.Nothing() : new EntryChange.Words(change);
    }

    private static Detail strokes(List<Stroke> was, List<Stroke> is) {
        var gone = missing(was, is);
        var come = missing(is, was);
        return gone.isEmpty() && come.isEmpty() ? new EntryChange.Nothing() : new EntryChange.Strokes(gone, come);
    }

    /** The places of what one list has and the other lacks. */
    private static <T> List<Integer> missing(List<T> in, Collection<T> from) {
        var known = new HashSet<>(from);
        return IntStream.range(0, in.size())
                .filter(place -> !known.contains(in.get(place)))
                .boxed()
                .toList();
    }

    private static Detail pictures(Pictures was, Pictures is) {
        var gone = missing(digests(was), digests(is));
        var come = missing(digests(is), digests(was));
        var layers = was.pictures().stream()
                .collect(toMap(Version.Picture::digest, Version.Picture::layer, (first, second) -> first));
        var written = IntStream.range(0, is.pictures().size())
                .filter(place -> layers.containsKey(is.pictures().get(place).digest()))
                .filter(place -> !Objects.equals(
                        layers.get(is.pictures().get(place).digest()),
                        is.pictures().get(place).layer()))
                .boxed()
                .toList();
        return gone.isEmpty() && come.isEmpty() && written.isEmpty()
                ? new EntryChange.Nothing()
                : new EntryChange.Pictures(gone, come, written);
    }

    private static List<String> digests(Pictures pictures) {
        return pictures.pictures().stream().map(Version.Picture::digest).toList();
    }

    /** Entries that are on another page or in another zone, or among those of their zone that stayed in another order. */
    private static Set<UUID> movedEntries(Version before, Version after) {
        var wasIn = placesOf(before);
        var isIn = placesOf(after);
        var moved = new HashSet<UUID>();
        for (var entry : isIn.keySet()) {
            if (wasIn.containsKey(entry) && !wasIn.get(entry).equals(isIn.get(entry))) {
                moved.add(entry);
            }
        }
        for (var place : new HashSet<>(isIn.values())) {
            moved.addAll(movedAmong(staying(before, place, wasIn, moved), staying(after, place, isIn, moved)));
        }
        return moved;
    }

    private record Place(UUID page, String zone) {}

    private static Map<UUID, Place> placesOf(Version version) {
        return version.pages().stream()
                .flatMap(page ->
                        page.entries().stream().map(entry -> Map.entry(entry.id(), new Place(page.id(), entry.zone()))))
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static List<UUID> staying(Version version, Place place, Map<UUID, Place> places, Set<UUID> moved) {
        return version.byId().keySet().stream()
                .filter(id -> place.equals(places.get(id)) && !moved.contains(id))
                .toList();
    }

    /** Those of a list that have to move for the old order to become the new one, as few as will do. */
    static <T> Set<T> movedAmong(List<T> before, List<T> after) {
        var wasAt = IntStream.range(0, before.size()).boxed().collect(toMap(before::get, identity()));
        var stayed = after.stream().filter(wasAt::containsKey).toList();
        var inOrder = LongestRun.of(stayed.stream().map(wasAt::get).toList());
        var moved = new HashSet<>(stayed);
        inOrder.forEach(place -> moved.remove(stayed.get(place)));
        return Set.copyOf(moved);
    }
}
