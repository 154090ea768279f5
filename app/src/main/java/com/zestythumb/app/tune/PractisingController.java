package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.PracticeRecordDto;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.ModelAndView;

/** A tune as a student practises it, by a link that nobody guesses. */
@RestController
@RequestMapping("/api/practising/{code}")
@Tag(name = "Practising")
class PractisingController {

    private final Assignments assignments;

    PractisingController(Assignments assignments) {
        this.assignments = assignments;
    }

    @GetMapping
    @Operation(summary = "The tune, how it is played, and what was practised of it.")
    PractisingSheet sheet(@PathVariable String code, HttpServletRequest request) {
        return assignments.sheet(code, request.getRemoteAddr());
    }

    /** What the page computes it asks by its code, so that nothing else need be open to students. */
    @RequestMapping(
            path = "/api/{what:arrangements|practice|catalogue}",
            method = {RequestMethod.GET, RequestMethod.POST})
    @Hidden
    ModelAndView computed(@PathVariable String code, @PathVariable String what, HttpServletRequest request) {
        assignments.sheet(code, request.getRemoteAddr());
        return new ModelAndView("forward:/api/" + what);
    }

    @PutMapping("/practised")
    @Operation(summary = "Add to what was practised.")
    PracticeRecordDto practise(
            @PathVariable String code, @Valid @RequestBody PracticeRecordDto told, HttpServletRequest request) {
        return assignments.practise(code, request.getRemoteAddr(), told);
    }
}
