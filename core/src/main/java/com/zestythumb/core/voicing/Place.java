package com.zestythumb.core.voicing;

/**
 * Where in a tune a voicing stands, and under whose hand.
 *
 * @param opening whether it is the first chord that is played
 * @param closing whether the tune ends on it
 * @param around what goes on around it
 * @param strokes how it is struck
 */
public record Place(Hand hand, boolean opening, boolean closing, ChordContext around, AttackMode strokes) {

    public Place(Hand hand, boolean opening, boolean closing, ChordContext around) {
        this(hand, opening, closing, around, AttackMode.TOGETHER);
    }

    public Place(Hand hand, boolean opening, boolean closing) {
        this(hand, opening, closing, ChordContext.NOTHING);
    }
}
