package pelluna.core.sighting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.core.behaviour.EventType;
import pelluna.core.phrasebook.Phrasebook;

/**
 * Reads a sighting as keepers write it: 'angel chased wrasse x3 left cave', 'gramma hides', 'angel nipped wrasse hard;
 * over the clam'. What follows a semicolon is a note.
 */
public final class SentenceReader {
    public static final int MOST_TIMES = 99;
    private static final int MOST_OFFERS = 6;
    private static final Pattern TIMES = Pattern.compile("x(\\d{1,2})|(\\d{1,2})x|×(\\d{1,2})");

    private final Names names;
    private final Places places;
    private final Phrasebook book;

    /** @param book of the keeper's language; English is understood as well */
    public SentenceReader(List<Known> fish, Places places, Phrasebook book) {
        this.names = new Names(fish);
        this.places = places;
        this.book = book;
    }

    /** How a deed is written in an English sentence, which is read here whatever the keeper's language. */
    public static String phrase(EventType doing) {
        return Phrases.offered(doing);
    }

    /** What was understood, or why not; never both. */
    public record Reading(Optional<Sighting> sighting, Optional<Unclear> problem) {}

    public Reading read(String text) {
        String[] parts = text.split(";", 2);
        String note = parts.length > 1 ? parts[1].strip() : "";
        List<String> words = words(book.sighting(parts[0]));
        Optional<Phrases.At> at = Phrases.in(words);
        if (at.isEmpty()) {
            return no(new Unclear.WhatDidItDo());
        }
        EventType doing = at.get().doing();
        List<String> after = new ArrayList<>(words.subList(at.get().to(), words.size()));
        int times = times(after);
        int gravity = gravity(after, doing);
        List<String> where = after.stream().filter(Places::known).toList();
        after.removeIf(w -> Places.known(w) || w.equals("in") || w.equals("near"));
        List<Known> who = names.meant(words.subList(0, at.get().from()));
        if (doing.ofAFish() && who.size() != 1) {
            return no(which(new Unclear.Who(), words.subList(0, at.get().from()), who));
        }
        List<Known> whom = names.meant(after);
        if (doing.toAnother() && whom.size() > 1) {
            whom = whom.stream().filter(k -> !k.id().equals(who.get(0).id())).toList();
        }
        if (doing.toAnother()
                && whom.size() == 1
                && whom.get(0).id().equals(who.get(0).id())) {
            return no(new Unclear.NotToItself());
        }
        if (doing.toAnother() && whom.size() != 1) {
            return no(which(new Unclear.ToWhom(), after, whom));
        }
        return new Reading(
                Optional.of(new Sighting(
                        doing.ofAFish() ? Optional.of(who.get(0).id()) : Optional.empty(),
                        doing,
                        doing.toAnother() ? Optional.of(whom.get(0).id()) : Optional.empty(),
                        places.of(where),
                        gravity,
                        times,
                        note)),
                Optional.empty());
    }

    private static Reading no(Unclear problem) {
        return new Reading(Optional.empty(), Optional.of(problem));
    }

    private static Unclear which(Unclear asked, List<String> typed, List<Known> found) {
        if (typed.isEmpty()) {
            return asked;
        }
        String words = String.join(" ", typed);
        return found.isEmpty()
                ? new Unclear.NobodyGoesBy(words)
                : new Unclear.OneOf(
                        words,
                        new Unclear.AnyOf(found.stream().map(Known::label).toList()));
    }

    private static List<String> words(String text) {
        return new ArrayList<>(Arrays.stream(text.toLowerCase(Locale.ROOT)
                        .replaceAll("[.,!]", " ")
                        .strip()
                        .split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList());
    }

    private static int times(List<String> after) {
        int times = 1;
        for (int i = 0; i < after.size(); i++) {
            Matcher m = TIMES.matcher(after.get(i));
            boolean spelled = i + 1 < after.size()
                    && after.get(i + 1).equals("times")
                    && after.get(i).matches("\\d{1,2}");
            if (m.matches()
                    || spelled
                    || after.get(i).equals("twice")
                    || after.get(i).equals("thrice")) {
                times = after.get(i).equals("twice")
                        ? 2
                        : after.get(i).equals("thrice")
                                ? 3
                                : Integer.parseInt(after.get(i).replaceAll("\\D", ""));
                if (spelled) {
                    after.remove(i + 1);
                }
                after.remove(i);
                break;
            }
        }
        return Math.max(1, Math.min(MOST_TIMES, times));
    }

    private static int gravity(List<String> after, EventType doing) {
        int gravity = doing.gravity();
        for (String word : List.copyOf(after)) {
            int said = switch (word) {
                case "lightly", "light", "gently", "softly" -> 1;
                case "hard", "often" -> 2;
                case "badly", "grave", "gravely", "savagely" -> 3;
                default -> 0;
            };
            if (said > 0) {
                gravity = said;
                after.remove(word);
            }
        }
        return gravity;
    }

    /** Ways to go on from what has been typed, as whole lines, likeliest first. */
    public List<String> completions(String text) {
        String typed = text.stripLeading();
        List<String> words = words(typed);
        boolean open = !typed.endsWith(" ") && !words.isEmpty();
        Set<String> offers = new LinkedHashSet<>();
        Optional<EventType> doing = doing(words);
        if (doing.isEmpty()) {
            fish(words, "", offers);
            doings(words, open, offers);
        } else if (doing.get().toAnother()) {
            int to = to(words);
            String head = head(words.subList(0, to));
            List<String> after = words.subList(to, words.size());
            if (names.meant(after).size() != 1 || open && !exactly(after)) {
                fish(after, head + " ", offers);
            } else {
                book.places().forEach(w -> offers.add(typed.stripTrailing() + " " + w));
            }
        }
        offers.remove(typed);
        return offers.stream().limit(MOST_OFFERS).toList();
    }

    private Optional<EventType> doing(List<String> words) {
        return Phrases.in(words(book.sighting(String.join(" ", words)))).map(Phrases.At::doing);
    }

    /** How many of the words, as they were typed, go as far as the end of what was done. */
    private int to(List<String> words) {
        int to = 1;
        while (doing(words.subList(0, to)).isEmpty()) {
            to++;
        }
        while (to < words.size() && ends(words.subList(0, to + 1))) {
            to++;
        }
        return to;
    }

    private boolean ends(List<String> words) {
        List<String> english = words(book.sighting(String.join(" ", words)));
        return Phrases.in(english).filter(at -> at.to() == english.size()).isPresent();
    }

    private boolean exactly(List<String> words) {
        String whole = String.join(" ", words);
        return names.all().stream().anyMatch(k -> k.label().equalsIgnoreCase(whole));
    }

    private static String head(List<String> words) {
        return String.join(" ", words);
    }

    private void fish(List<String> words, String head, Set<String> offers) {
        List<Known> meant = words.isEmpty() ? names.all() : names.meant(words);
        meant.forEach(k -> offers.add(head + k.label()));
    }

    /** A fish and the beginning of what it did. */
    private void doings(List<String> words, boolean open, Set<String> offers) {
        for (int cut = words.size(); cut >= Math.max(1, words.size() - 3); cut--) {
            List<Known> who = names.meant(words.subList(0, cut));
            String begun = String.join(" ", words.subList(cut, words.size()));
            if (who.size() == 1 && (cut < words.size() || !open || exactly(words))) {
                Arrays.stream(EventType.values())
                        .map(e -> book.offered(e).orElseGet(() -> Phrases.offered(e)))
                        .filter(p -> p.toLowerCase(Locale.ROOT).startsWith(begun))
                        .forEach(p -> offers.add(who.get(0).label() + " " + p));
            }
        }
    }
}
