package com.zestythumb.app.rule;

import com.zestythumb.app.arrange.OwnLevels;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.BackupPart;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Severity;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The mix of rules that is the teacher's own: what she minds more or less than the school, in any tune. */
@Service
@Transactional
public class OwnMix implements BackupPart, OwnLevels {

    /** One of them. */
    record Kept(String code, Severity level, String reason) {}

    private static final int LONGEST = 300;

    private final OwnLevelRepository kept;
    private final Studios studios;

    OwnMix(OwnLevelRepository kept, Studios studios) {
        this.kept = kept;
        this.studios = studios;
    }

    /** Codes that older apps had and this one has not are none. */
    @Override
    @Transactional(readOnly = true)
    public Map<Kind, Severity> levels() {
        Map<Kind, Severity> levels = new EnumMap<>(Kind.class);
        all().forEach(one -> Kind.named(one.code()).ifPresent(kind -> levels.put(kind, one.level())));
        return levels;
    }

    @Transactional(readOnly = true)
    List<Kept> all() {
        return kept.findByStudioOrderByCode(studios.current()).stream()
                .map(one -> new Kept(one.code(), one.level(), one.reason()))
                .toList();
    }

    void mind(String code, Severity level, String reason) {
        Kind kind = Kind.named(code)
                .orElseThrow(() -> new NotFoundException("there is nothing called " + code + " that could be found"));
        if (kind.is(Trait.BODILY) && level != Severity.FAULT) {
            throw new RefusedException("what can hurt a hand is always told; leave it in one bar after looking at it");
        }
        if (reason.length() > LONGEST) {
            throw new RefusedException("a reason has at most " + LONGEST + " letters");
        }
        studios.oneAfterAnother();
        OwnLevel own = kept.findByStudioAndCode(studios.current(), kind.code())
                .orElseGet(() -> new OwnLevel(studios.current(), kind.code()));
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
                level(one.path("level").asString("off")),
                one.path("reason").asString(""));
    }

    /** What older apps called them. */
    private static final Map<String, Severity> ONCE =
            Map.of("mind", Severity.WARNING, "word", Severity.HINT, "none", Severity.OFF);

    /** The one with this name, in any case, or with the one that older apps had for it. */
    static Severity level(String name) {
        String plain = name.toLowerCase(Locale.ROOT);
        return Arrays.stream(Severity.values())
                .filter(severity -> severity.name().equalsIgnoreCase(plain))
                .findFirst()
                .or(() -> Optional.ofNullable(ONCE.get(plain)))
                .orElseThrow(() -> new IllegalArgumentException(
                        "\"" + name + "\" is no severity; say one of fault, warning, hint, off"));
    }
}
