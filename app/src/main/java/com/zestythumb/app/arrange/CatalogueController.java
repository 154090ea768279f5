package com.zestythumb.app.arrange;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What can be chosen. */
@RestController
@RequestMapping("/api/catalogue")
@Tag(name = "Catalogue")
class CatalogueController {

    private static final CatalogueView CATALOGUE = CatalogueView.of();

    @GetMapping
    @Operation(summary = "Every style, figure, hand and school that can be chosen, with their names.")
    CatalogueView catalogue() {
        return CATALOGUE;
    }
}
