package com.zestythumb.app.rule;

import com.zestythumb.app.arrange.Unwanted;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.BackupPart;
import com.zestythumb.core.arrangement.Waiver;
import com.zestythumb.core.checking.FindingWords;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** What the teacher of a studio never wants to be told of, in any tune. */
@Service
@Transactional
public class LeftAlways implements BackupPart, Unwanted {

    /** One of them. */
    record Kept(String code, String reason) {}

    private static final int LONGEST = 300;

    private final LeftAloneRepository kept;
    private final Studios studios;

    LeftAlways(LeftAloneRepository kept, Studios studios) {
        this.kept = kept;
        this.studios = studios;
    }

    /** By their codes. */
    @Override
    @Transactional(readOnly = true)
    public Set<String> codes() {
        return all().stream().map(Kept::code).collect(Collectors.toSet());
    }

    @Transactional(readOnly = true)
    List<Kept> all() {
        return kept.findByStudioOrderByCode(studios.current()).stream()
                .map(one -> new Kept(one.code(), one.reason()))
                .toList();
    }

    void leave(String code, String reason) {
        if (FindingWords.title(code).equals(code)) {
            throw new NotFoundException("there is nothing called " + code + " that could be found");
        }
        if (Waiver.isOfTheBody(code)) {
            throw new RefusedException("what can hurt a hand is always told; leave it in one bar after looking at it");
        }
        if (reason.length() > LONGEST) {
            throw new RefusedException("a reason has at most " + LONGEST + " letters");
        }
        studios.oneAfterAnother();
        kept.findByStudioAndCode(studios.current(), code)
                .ifPresentOrElse(
                        one -> one.because(reason), () -> kept.save(new LeftAlone(studios.current(), code, reason)));
    }

    void mind(String code) {
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
            throw new IllegalArgumentException("what is left alone has a code");
        }
        leave(one.path("code").asString(), one.path("reason").asString(""));
    }
}
