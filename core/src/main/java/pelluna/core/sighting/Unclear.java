package pelluna.core.sighting;

import java.util.List;
import pelluna.core.units.Statement;

/** Why a sentence was not understood. */
public sealed interface Unclear extends Statement {
    record WhatDidItDo() implements Unclear {}

    record NotToItself() implements Unclear {}

    record Who() implements Unclear {}

    record ToWhom() implements Unclear {}

    record NobodyGoesBy(String typed) implements Unclear {}

    record OneOf(String typed, AnyOf fish) implements Unclear {}

    /** One of several, by what its keeper calls them. */
    record AnyOf(List<String> labels) implements Unclear {}
}
