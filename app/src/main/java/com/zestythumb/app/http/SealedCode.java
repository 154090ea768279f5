package com.zestythumb.app.http;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;

/** The code of a link as the database has it. It is made by the mapper, also at build time, where there is no studio. */
@Converter
public class SealedCode implements AttributeConverter<String, String> {

    @Override
    public String convertToDatabaseColumn(String code) {
        return Seal.ofStudio().seal(code);
    }

    @Override
    public String convertToEntityAttribute(String kept) {
        return Seal.ofStudio().open(kept);
    }
}
