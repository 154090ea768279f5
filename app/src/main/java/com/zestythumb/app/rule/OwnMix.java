package com.zestythumb.app.rule;

import com.zestythumb.app.arrange.OwnLevels;
import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Severity;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The mix of rules that is the teacher's own: what she minds more or less than the school, in any tune. */
@Service
@Transactional
public class OwnMix implements BackupPart, OwnLevels {

    /** One of them. */
    record Kept(String code, Severity level, String reason) {}

    /** One in the backup, by the names of severities that there ever were. */
    private record InBackup(
            @NotNull @Size(max = LONGEST) String code,
            String level,
            @Size(max = LONGEST) String reason) {}

    private static final int LONGEST = 300;

    private final OwnLevelRepository kept;
    private final Studios studios;
    private final KeptReader reader;

    OwnMix(OwnLevelRepository kept, Studios studios, KeptReader reader) {
        this.kept = kept;
        this.studios = studios;
        this.reader = reader;
    }

    /** Codes that older apps had and this one has not are none; what can hurt a hand is always told. */
    @Override
    @Transactional(readOnly = true)
    public Map<Kind, Severity> levels() {
        Map<Kind, Severity> levels = new EnumMap<>(Kind.class);
        all().forEach(one -> Kind.named(one.code())
                .filter(kind -> !kind.is(Trait.BODILY))
                .ifPresent(kind -> levels.put(kind, one.level())));
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
                .orElseThrow(() ->
                        ProblemKind.NOT_FOUND.because("there is nothing called " + code + " that could be found"));
        if (kind.is(Trait.BODILY) && level != Severity.FAULT) {
            throw ProblemKind.REFUSED.because(
                    "what can hurt a hand is always told; leave it in one bar after looking at it");
        }
        if (reason.length() > LONGEST) {
            throw ProblemKind.REFUSED.because("a reason has at most " + LONGEST + " letters");
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
    public void write(Numbers numbers, Consumer<Object> out) {
        all().forEach(out);
    }

    /** As they were kept, also those whose codes this app has not any more. */
    @Override
    public Taker begin(Numbers numbers) {
        return one -> {
            InBackup own = reader.read(list(), one, InBackup.class);
            String code = Kind.named(own.code()).map(Kind::code).orElse(own.code());
            if (kept.findByStudioAndCode(studios.current(), code).isEmpty()) {
                OwnLevel level = new OwnLevel(studios.current(), code);
                level.change(
                        level(own.level() == null ? "off" : own.level()), own.reason() == null ? "" : own.reason());
                kept.save(level);
            }
            return Came.BESIDE;
        };
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
