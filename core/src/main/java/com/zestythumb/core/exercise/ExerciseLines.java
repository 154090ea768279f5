package com.zestythumb.core.exercise;

/**
 * Music of ready-made exercises, written in C major, or in A minor where the set is in minor, and moved to every key: set; chords; upper
 * staff; lower staff, as a chart has them; a further word says what is meant. The tunes and basses are ours; their kinds are those of
 * textbooks' first exercises and of treatises of thoroughbass (from memory).
 */
final class ExerciseLines {

    private ExerciseLines() {}

    static final String ALL = """

            under-tune; C | F | G | C; e8 | f8 | d8 | e8;
            under-tune; C | G | C | F | C; e8 | d8 | e8 | f8 | e8;
            under-tune; C | Am | F | G | C; e8 | e8 | f8 | d8 | c8;

            # Phrases of a chorale: passing and neighbour notes, closes in near keys.
            chorale-tune; C F | G C | Dm G | C; e4 f2 e2 | d4 e4 | f2 e2 d4 | c8;
            chorale-tune; C G | Am D | G C | D7 G; e4 d4 | c4 d2 c2 | B4 c4 | A4 G4;
            chorale-tune; C | F | G | C | Am | Dm | G7 | C; e4 d2 e2 | f6 e2 | d8 | e8 | e8 | f4 e2 f2 | d8 | c8;

            over-bass; C | F | G | C; ; C,8 | F,8 | G,8 | C,8
            over-bass; C | G/B | C | Dm/F | G | C; ; C,8 | B,,8 | C,8 | F,8 | G,8 | C,8
            over-bass; C | Am | F | G | C; ; C8 | A,8 | F,8 | G,8 | C8
            over-bass; C | G7/B | C | F | G7 | C; ; C,8 | B,,8 | C,8 | F,8 | G,8 | C,8
            over-bass; C | G7/D | C/E | F | Gsus4 G | C; ; C,8 | D,8 | E,8 | F,8 | G,8 | C,8
            over-bass; C | F | G7/F | C/E | Dm7/F | G | C; ; C,8 | F,8 | F,8 | E,8 | F,8 | G,8 | C,8
            over-bass; C | Dm/F | C/G G | C; ; C,8 | F,8 | G,8 | C,8
            over-bass; C | Fadd9 F | G | C; ; C,8 | F,8 | G,8 | C,8
            over-bass; C | G | Em7 C/E | F | G7 | C; ; C,8 | G,8 | E,8 | F,8 | G,8 | C,8
            over-bass; C | Am | D7/F# | G | C; ; C8 | A,8 | ^F,8 | G,8 | C8
            over-bass; C | D7/A | G/B | C; ; C,8 | A,,8 | B,,8 | C,8
            over-bass; C | A7/C# | Dm | G7 | C; ; C,8 | ^C,8 | D,8 | G,8 | C,8

            over-bass-minor; Am | Dm | E | Am; ; A,,8 | D,8 | E,8 | A,,8
            over-bass-minor; Am | E/G# | Am | Dm | E7 | Am; ; A,,8 | ^G,,8 | A,,8 | D,8 | E,8 | A,,8
            over-bass-minor; Am | E7/B | Am/C | E | Am; ; A,,8 | B,,8 | C,8 | E,8 | A,,8
            over-bass-minor; Am | Dm/F | E | Am; ; A,8 | F,8 | E,8 | A,8
            over-bass-minor; Am | E7/G# | Am | Dm | Esus4 E | Am; ; A,,8 | ^G,,8 | A,,8 | D,8 | E,8 | A,,8
            over-bass-minor; Am | G#dim/B | Am/C | Dm | E | Am; ; A,,8 | B,,8 | C,8 | D,8 | E,8 | A,,8
            over-bass-minor; Am | Dm | E7/D | Am/C | E | Am; ; A,,8 | D,8 | D,8 | C,8 | E,8 | A,,8

            chorale-bass; C C/E | F G | C; ; C,2 D,2 E,4 | F,4 G,4 | C,8
            chorale-bass; C | G/B | Am | D7/F# | G | C/E | G7 | C; ; C8 | B,8 | A,6 G,2 | ^F,8 | G,8 | E,8 | G,8 | C8
            chorale-bass; C F | G Am | Dm/F G | C; ; C,4 F,4 | G,4 A,2 G,2 | F,4 G,4 | C,8

            folk-tune; C | C | F | C | G7 | C | G7 | C; c2 c2 e2 g2 | e4 c4 | f2 f2 a2 f2 | e8 | d2 e2 f2 d2 | e2 g2 e2 c2 | d2 d2 g2 B2 | c8;
            folk-tune; C | G | C | G | Am | Dm | G7 | C; G4 c2 e2 | d4 B4 | c2 e2 g2 e2 | d8 | e2 c2 A2 c2 | f2 e2 d2 c2 | B2 c2 d2 B2 | c8;

            non-chord; C | G/B | C | G | C; c8 & E4 F4 | d8 & G8 | c8 & G8 | c4 B4 & D8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,4 A,4 & C,8 | G,8 & G,8 | G,8 & C,8
            non-chord; C | Am | F | G7 | C; e8 & G8 | e8 & A8 | c8 & A8 | d6 c2 & F8 | c8 & E8; E8 & C4 B,4 | C8 & A,8 | C8 & F,8 | B,8 & G,8 | C8 & C,8
            non-chord; C | F | G | C; e6 f2 & G8 | c8 & F8 | e4 d4 & G8 | e8 & G8; C8 & C,8 | A,8 & F,8 | B,8 & G,8 | C8 & C,8

            # Each of these has one fault of the kind that is named, and no other as grave.
            fault-in-hand; C | Dm | G | C; ; [C,E,G,]8 | [D,F,A,]8 | [B,,D,G,]8 | [C,E,G,]8; parallel-fifths
            fault-in-hand; C | G | Am | F | G; ; [E,G,C]8 | [D,G,B,]8 | [E,A,C]8 | [F,A,C]8 | [G,B,D]8; parallel-fifths
            fault-in-hand; C | F | G | C; ; [C,E,G,]8 | [C,F,A,]8 | [D,G,B,]8 | [C,E,G,]8; leading-unresolved
            fault-in-hand; F | G | C | F; ; [F,A,C]8 | [G,B,D]8 | [G,CE]8 | [F,A,C]8; parallel-fifths
            fault-in-hand; C | Dm | G | C; ; C,2 G,2 E,2 G,2 | D,2 A,2 F,2 A,2 | B,,2 G,2 D,2 G,2 | C,2 G,2 E,2 G,2; parallel-fifths
            fault-in-hand; C | F | G | C; e8 | f8 | g8 | g8; [G,CE]8 | [A,CF]8 | [G,B,D]8 | [G,CE]8; parallel-octaves
            fault-in-hand; C | Am | G | C; e8 | e8 | g8 | g8; [G,CE]8 | [A,CE]8 | [G,B,D]8 | [G,CE]8; parallel-fifths
            fault-in-hand; C | F | G7 | C; e8 | f8 | g8 | e8; [G,CE]8 | [F,A,C]8 | [F,B,D]8 | [E,G,C]8; direct-octaves
            fault-in-hand; C | G | Am | F; e8 | B8 | c8 | c8; [E,G,C]8 | [D,G,B,]8 | [C,E,A,]8 | [C,F,A,]8; leading-doubled
            fault-in-hand; C | F | G7 | C; g8 | f8 | g8 | g8; [E,G,C]8 | [F,A,C]8 | [F,B,D]8 | [G,CE]8; seventh-unresolved
            fault-in-hand; C | F | G7 | C; ; E,2 C2 G,2 C2 | F,2 C2 A,2 C2 | F,2 D2 B,2 D2 | G,2 E2 C2 E2; seventh-unresolved
            fault-in-hand; C | Dm | G | C; c8 | d8 | d8 | c8; G,2 E2 C2 E2 | A,2 F2 D2 F2 | B,2 G2 D2 G2 | C2 G2 E2 G2; parallel-octaves
            fault-in-hand; C | F | G | C; e8 | f8 | g8 | g8; [G,CE]8 | [C,F,C]8 | [G,B,D]8 | [G,CE]8; missing-third
            fault-in-hand; C | F | C/E | G; g8 | f8 | g8 | g8; [G,CE]8 | [A,CF]8 | [C,E,G,]8 | [D,G,B,]8; wrong-bass
            fault-in-hand; C | F | G | C; g8 | f8 | g8 | g8; [C,E,G,]8 | [C,F,A,]8 | [B,,E,G,]8 | [C,E,G,]8; foreign
            fault-in-hand; C | F | G | C; ; [C,E,G,]8 | [C,F,A,]8 | [G,,B,D]8 | [E,G,C]8; stretch

            fault-in-parts; C | G7/B | C | F | G7 | C; c8 & E8 | d8 & F8 | G8 & E8 | c8 & F8 | B8 & F8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | D8 & G,8 | C8 & C,8; parallel-fifths
            fault-in-parts; C | Dm | G | C; c8 & E8 | d8 & F8 | B8 & D8 | c8 & E8; G,8 & C,8 | F,8 & D,8 | G,8 & G,,8 | G,8 & C,8; parallel-octaves
            fault-in-parts; C | G/B | C | Dm/F | G | C; c8 & E8 | d8 & G8 | c8 & E8 | d8 & D8 | d8 & D8 | c8 & E8; G,8 & C,8 | B,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | B,8 & G,8 | G,8 & C,8; leading-doubled
            fault-in-parts; C | F | G | C; c8 & E8 | c8 & F8 | B8 & D8 | G8 & E8; G,8 & C,8 | A,8 & F,8 | G,8 & G,8 | G,8 & C,8; leading-unresolved
            fault-in-parts; Dm | G7 | C; d8 & F8 | d8 & F8 | e8 & G8; A,8 & D,8 | B,8 & G,,8 | C8 & C,8; seventh-unresolved
            fault-in-parts; C | G7/B | C | F | G7 | C; c8 & E8 | d8 & F8 | c8 & E8 | c8 & F8 | G8 & F8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | B,8 & G,8 | C8 & C,8; contrary-octaves
            fault-in-parts; C | G/B | C | Dm/F | G | C; c8 & E8 | d8 & G8 | G8 & E8 | d8 & D8 | d8 & D8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | C8 & C,8 | A,8 & F,8 | B,8 & G,8 | G,8 & C,8; contrary-fifths
            fault-in-parts; C | G7/B | C | F | G7 | C; c8 & E8 | G8 & F8 | c8 & E8 | c8 & F8 | B8 & F8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | D8 & G,8 | C8 & C,8; direct-octaves
            fault-in-parts; C | G/B | C | Dm/F | G | C; c8 & E8 | d8 & G8 | c8 & E8 | A8 & D8 | d8 & D8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | B,8 & G,8 | G,8 & C,8; direct-fifths
            fault-in-parts; C | G7/B | C | F | G7 | C; c8 & E8 | d8 & F8 | c8 & E8 | A8 & F8 | B8 & F8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | F,8 & F,8 | D8 & G,8 | C8 & C,8; overlap
            fault-in-parts; C | G/B | C | Dm/F | G | C; c8 & E8 | d8 & G8 | c8 & G8 | d8 & D8 | d8 & D8 | c8 & E8; G,8 & C,8 | G,8 & B,,8 | G,8 & C,8 | A,8 & F,8 | B,8 & G,8 | G,8 & C,8; missing-third
            fault-in-parts; C | F | C/G G | C; c8 & E8 | c8 & F8 | c4 d4 & E4 D4 | c8 & E8; G,8 & C,8 | A,8 & F,8 | C4 B,4 & G,8 | C8 & C,8; six-four-unresolved
            fault-in-parts; C | F | Gsus4 G | C; c8 & E8 | c8 & F8 | c4 d4 & D4 D4 | c8 & E8; G,8 & C,8 | A,8 & F,8 | G,4 B,4 & G,8 | C8 & C,8; suspension-unresolved
            fault-in-parts; C | F | G7/B | C; E8 & C8 | F8 & C8 | F8 & D8 | E8 & C8; G,8 & C,8 | A,8 & F,,8 | G,8 & B,,8 | G,8 & C,8; tritone-leap
            fault-in-parts; C | Am | G | C; c8 & E8 | c8 & E8 | d8 & G8 | c8 & E8; G,8 & C,8 | C8 & A,,8 | B,8 & G,8 | G,8 & C,8; seventh-leap
            fault-in-parts; C | A/C# | Dm/A | G | C; G8 & E8 | A8 & E8 | A8 & D8 | B8 & D8 | c8 & E8; E,8 & C,8 | E,8 & ^C,8 | F,8 & A,,8 | G,8 & G,,8 | G,8 & C,8; altered-unresolved
            fault-in-parts; C | Fm | G | C; g8 & c8 | _a8 & c8 | d8 & B8 | c8 & G8; E8 & C8 | F8 & F,8 | D8 & G,8 | E8 & C8; altered-unresolved
            fault-in-parts; C | F | C | G/B | C; G8 & C8 | A8 & C8 | G8 & E8 | G8 & D8 | G8 & E8; E,8 & C,8 | F,8 & F,,8 | C,8 & C,8 | G,8 & B,,8 | G,8 & C,8; spacing
            fault-in-parts; C | F | G7/B | C; G8 & E8 | A8 & F8 | F8 & D8 | E8 & E8; C8 & C,8 | C8 & F,,8 | B,8 & G,,8 | G,8 & C,8; wrong-bass
            fault-in-parts; C | Dm/F | G | C; c8 & E8 | A8 & D8 | B8 & D8 | c8 & E8; G,8 & C,8 | F,8 & D,8 | G,8 & G,,8 | G,8 & C,8; wrong-bass
            fault-in-parts; C | G | C | F | C; G8 & E8 | G8 & D8 | G8 & E8 | A8 & F8 | G8 & E8; C8 & C,8 | B,8 & G,,8 | G,8 & C,8 | B,8 & F,8 | G,8 & C,8; foreign
            fault-in-parts; C | Dm | Gsus4 | G | C; G8 & E8 | F8 & D8 | c8 & D8 | B8 & D8 | c8 & E8; C8 & C,8 | A,8 & D,8 | G,8 & G,,8 | G,8 & G,,8 | G,8 & C,8; suspension-unprepared
            fault-in-parts; C | C/E | A/C# | Dm | G | C; c8 & E8 | c8 & E8 | A8 & E8 | A8 & F8 | B8 & D8 | c8 & E8; G,8 & C,8 | G,8 & E,8 | A,8 & ^C,8 | A,8 & D,8 | G,8 & G,8 | G,8 & C,8; false-relation
            fault-in-parts; C | G7/B | C | F | G | C; G8 & E8 | F8 & D8 | G8 & C8 | A8 & C8 | G8 & B,8 | G8 & C8; G,8 & C,8 | G,8 & B,,8 | E,8 & C,8 | F,8 & F,,8 | D,8 & G,,8 | E,8 & C,8; unequal-fifths
            fault-in-parts; C | G | C; G8 & E8 | G8 & B,8 | G8 & C8; C8 & C,8 | D8 & G,,8 | C8 & C,8; part-crossing
            fault-in-parts; C | F/C | C | G7 | C; E8 & C8 | F8 & C8 | E8 & C8 | D8 & B,8 | E8 & C8; G,8 & C,8 | A,8 & C,8 | G,8 & C,8 | G,8 & G,,8 | G,8 & C,8; missing-seventh

            fault-in-parts-minor; Am | Dm/F | E | Am; E8 & C8 | F8 & D8 | ^G8 & E8 | A8 & E8; A,8 & A,,8 | A,8 & F,8 | B,8 & E,8 | C8 & A,,8; augmented-step
            fault-in-parts-minor; Am | F | E/G# | Am; e8 & A8 | f8 & A8 | e8 & B8 | e8 & A8; C8 & A,8 | C8 & F,8 | B,8 & ^G,8 | C8 & A,8; augmented-step
            fault-in-parts-minor; Am | Bb/D | E | Am; A8 & E8 | _B8 & F8 | B8 & E8 | c8 & E8; C8 & A,,8 | D8 & D,8 | ^G,8 & E,8 | A,8 & A,,8; neapolitan-unresolved
            fault-in-parts-minor; Am | Dm | E | Am; A8 & E8 | A8 & F8 | ^G8 & E8 | E8 & E8; C8 & A,,8 | D8 & D,8 | B,8 & E,8 | C8 & A,8; leading-unresolved
            fault-in-parts-minor; Am | F | E | Am; c8 & E8 | c8 & A8 | B8 & ^G8 | c8 & A8; C8 & A,8 | C8 & F,8 | E8 & E,8 | E8 & A,8; parallel-fifths
            fault-in-parts-minor; Am | Dm | E | Am; c8 & A8 | d8 & A8 | e8 & ^G8 | e8 & A8; E8 & A,8 | F8 & D,8 | B,8 & E,8 | C8 & A,8; parallel-octaves
            fault-in-parts-minor; Am | E/G# | Am | E | Am; c8 & E8 | B8 & ^G8 | c8 & E8 | B8 & ^G8 | c8 & A8; E8 & A,8 | E8 & ^G,8 | E8 & A,8 | E8 & E,8 | E8 & A,,8; leading-doubled
            fault-in-parts-minor; Am | Dm | E7 | Am; A8 & E8 | A8 & F8 | ^G8 & D8 | A8 & E8; C8 & A,,8 | D8 & D,8 | B,8 & E,8 | C8 & A,8; seventh-unresolved
            fault-in-parts-minor; Am | F7 | E | Am; e8 & A8 | ^d8 & A8 | B8 & ^G8 | A8 & E8; C8 & A,8 | A,8 & F,8 | B,8 & E,8 | C8 & A,8; augmented-sixth-unresolved
            """;
}
