package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** One way to play a tune. */
@Schema(name = "Setting")
public record SettingDto(
        @Schema(description = "Whose it is.", example = "Wren, small hand") @NotBlank @Size(max = 80)
        String name,

        @NotNull @Valid ChoicesDto choices) {}
