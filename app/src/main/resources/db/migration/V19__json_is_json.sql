-- What is kept as JSON is JSON. Rows of before are not looked at: what an older app wrote must not keep this one from starting.
alter table assignment add constraint assignment_choices_json check (choices::jsonb is not null) not valid;
alter table tune_revision add constraint tune_revision_choices_json check (choices::jsonb is not null) not valid;
alter table practice_page add constraint practice_page_bars_json check (bars::jsonb is not null) not valid;
alter table exercise
    add constraint exercise_choices_json check (choices::jsonb is not null) not valid,
    add constraint exercise_hand_json check (hand::jsonb is not null) not valid,
    add constraint exercise_bars_json check (bars::jsonb is not null) not valid,
    add constraint exercise_settings_json check (settings::jsonb is not null) not valid;
alter table attempt
    add constraint attempt_answers_json check (answers::jsonb is not null) not valid,
    add constraint attempt_marks_json check (marks::jsonb is not null) not valid,
    add constraint attempt_overruled_json check (overruled::jsonb is not null) not valid,
    add constraint attempt_details_json check (details::jsonb is not null) not valid;
