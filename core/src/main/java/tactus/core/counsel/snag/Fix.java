package tactus.core.counsel.snag;

import tactus.core.counsel.edit.Edit;

/** What mends a snag in one step. A song that has changed since so that it no longer applies stays as it is. */
public sealed interface Fix extends Edit permits SectionFix, RuleFix, WordedFix, PatternFix, SetUpFix {}
