package com.zestythumb.app.rule;

import com.zestythumb.app.arrange.OwnLevels;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.BackupPart;
import com.zestythumb.core.arrangement.Waiver;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.voiceleading.Level;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The mix of rules that is the teacher's own: what she minds more or less than the school, in any tune. */
@Service
@Transactional
public class OwnMix implements BackupPart, OwnLevels {

    /** One of them. */
    record Kept(String code, Level level, String reason) {}

    private static final int LONGEST = 300;

    private final OwnLevelRepository kept;
    private final Studios studios;

    OwnMix(OwnLevelRepository kept, Studios studios) {
        this.kept = kept;
        this.studios = studios;
    }

    /** By their codes. */
    @Override
    @Transactional(readOnly = true)
    public Map<String, Level> levels() {
        return all().stream().collect(Collectors.toMap(Kept::code, Kept::level));
    }

    @Transactional(readOnly = true)
    List<Kept> all() {
        return kept.findByStudioOrderByCode(studios.current()).stream()
                .map(one -> new Kept(one.code(), one.level(), one.reason()))
                .toList();
    }

    void mind(String code, Level level, String reason) {
        if (FindingWords.title(code).equals(code)) {
            throw new NotFoundException("there is nothing called " + code + " that could be found");
        }
        if (Waiver.isOfTheBody(code) && level != Level.FAULT) {
            throw new RefusedException("what can hurt a hand is always told; leave it in one bar after looking at it");
        }
        if (reason.length() > LONGEST) {
            throw new RefusedException("a reason has at most " + LONGEST + " letters");
        }
        studios.oneAfterAnother();
        OwnLevel own = kept.findByStudioAndCode(studios.current(), code)
                .orElseGet(() -> new OwnLevel(studios.current(), code));
        own.change(level, reason);
        kept.save(own);
    }

    void mindAsUsual(String code) {
        kept.findByStudioAndCode(studios.current(), code).ifPresent(kept::delete);
    }

    @Override
    public String list() {
        return "leftAlways";
    }

    @Override
    @Transactional(readOnly = true)
    public List<?> everything(Map<Long, Integer> students) {
        return all();
    }

    @Override
    public void restore(JsonNode one, Function<Integer, Long> students) {
        if (!one.path("code").isString()) {
            throw new IllegalArgumentException("what is minded in a way of one's own has a code");
        }
        mind(
                one.path("code").asString(),
                level(one.path("level").asString("none")),
                one.path("reason").asString(""));
    }

    /** The level with this name, in any case. */
    static Level level(String name) {
        return Arrays.stream(Level.values())
                .filter(level -> level.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "\"" + name + "\" is no level; say one of fault, mind, word, none"));
    }
}
