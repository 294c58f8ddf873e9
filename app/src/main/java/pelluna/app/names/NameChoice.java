package pelluna.app.names;

import pelluna.core.sieve.Verdict;

/**
 * One fish that a typed name may mean, as a row to pick.
 *
 * @param as     the name by which it was recognised, empty if that is the one it is called by
 * @param says   what it is for this tank, in a few words
 * @param drawn  its drawing
 */
public record NameChoice(
        String name, String scientific, String as, String sold, Verdict.Outcome outcome, String says, String drawn) {}
