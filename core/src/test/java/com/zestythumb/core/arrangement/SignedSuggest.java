package com.zestythumb.core.arrangement;

import com.zestythumb.core.*;
import com.zestythumb.core.proposing.*;
import com.zestythumb.core.voicing.*;
import java.util.*;

public class SignedSuggest {
    public static void main(String[] a) {
        Map<String, com.zestythumb.core.sheet.LeadSheet> sheets = new LinkedHashMap<>();
        for (var s : SignedHands.read("left-hands.txt")) sheets.putIfAbsent(s.name(), s.sheet());
        Map<String, List<String>> kinds = new HashMap<>();
        int good = 0, all = 0, any = 0;
        for (String line : Corpus.lines("suggestions.txt")) {
            int colon = line.lastIndexOf(" : ");
            if (line.startsWith("kind ")) {
                kinds.put(
                        line.substring(5, colon),
                        List.of(line.substring(colon + 3).split(", ")));
                continue;
            }
            int level = line.charAt(0) - '0';
            String name = line.substring(2, colon);
            String kind = line.substring(colon + 3);
            var sheet = sheets.entrySet().stream()
                    .filter(e -> e.getKey().startsWith(name))
                    .findFirst()
                    .orElseThrow(() -> new RuntimeException(name))
                    .getValue();
            var three = Proposals.of(sheet, Choices.USUAL, new Proposals.Wish(level, Texture.ANY, 15));
            List<String> got = new ArrayList<>();
            for (var p : three)
                got.add(p.choices()
                                .styleOf(sheet.events().stream()
                                        .filter(e -> !e.isSilent())
                                        .findFirst()
                                        .get())
                                .style()
                                .id()
                        + "/" + p.choices().figure().id());
            List<Boolean> ok = got.stream()
                    .map(g -> kinds.get(kind).stream().anyMatch(k -> {
                        String[] w = k.split("/");
                        String[] h = g.split("/");
                        return (w[0].equals("*") || w[0].equals(h[0])) && (w[1].equals("*") || w[1].equals(h[1]));
                    }))
                    .toList();
            all++;
            good += ok.get(0) ? 1 : 0;
            any += ok.size() > 1 && ok.get(1) ? 1 : 0;
            System.out.println((ok.get(0) ? "  " : "X ") + line + " -> " + got + ok);
        }
        System.out.println("first " + good + " second " + any + " of " + all);
    }
}
