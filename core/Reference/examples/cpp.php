<?php

declare(strict_types=1);

// Rows of `main` for what C++ alone, or best, can say; the rest of the text is added around them.
return [
    'declare' => "int seeds;\nseeds = 12;\ncout << seeds << endl;",
    'trunc_divide' => "int depth = -7;\ncout << depth / 2 << endl;",
    'change_trunc_divide' => "int depth = -7;\ndepth /= 2;\ncout << depth << endl;",
    'change_item_trunc_divide' => "vector<int> depths = {-7, 4};\ndepths[0] /= 2;\ncout << depths[0] << endl;",
    'operation.upper_letter' => "char letter = 'p';\ncout << char(toupper(letter)) << endl;",
    'operation.lower_letter' => "char letter = 'P';\ncout << char(tolower(letter)) << endl;",
    'operation.seeded_there' => "srand(42);\ncout << rand() % 6 + 1 << endl;",
    'operation.resize' => "vector<int> beds = {1, 2};\nbeds.resize(4);\ncout << beds.size() << endl;",
    'operation.spelled' => 'cout << to_string(2.5) << endl;',
    'operation.to_long' => 'cout << stoll("9000000000") + 1 << endl;',
    'operation.rounded_away' => 'cout << round(2.5) << endl;',
    'operation.first' => "vector<int> seeds = {8, 3};\ncout << seeds.front() << endl;",
    'operation.next_word' => "string first, second;\ncin >> first >> second;\ncout << second << first << endl;",
    'operation.ask_word' => "string word;\ncin >> word;\ncout << word << endl;",
    'operation.is_empty' => "vector<int> seeds = {8, 3};\ncout << seeds.empty() << endl;",
    'operation.last' => "vector<int> seeds = {8, 3};\ncout << seeds.back() << endl;",
    'operation.text_from' => "string word = \"Fernhollow\";\ncout << word.substr(4) << endl;",
    'operation.text_part' => "string word = \"Fernhollow\";\ncout << word.substr(4, 3) << endl;",
    'operation.next_answer' => "int number;\nwhile (cin >> number) {\n    cout << number << endl;\n}\ncout << \"done\" << endl;",
    'operation.next_line' => "string line;\nwhile (getline(cin, line)) {\n    cout << line << endl;\n}\ncout << \"done\" << endl;",
    'operation.text_stream' => "stringstream words(\"pea bean\");\nstring word;\nwhile (words >> word) {\n    cout << word << endl;\n}",
    'operation.next_of' => "stringstream words(\"12 8\");\nint seeds;\nwhile (words >> seeds) {\n    cout << seeds << endl;\n}",
    'operation.line_of' => "stringstream row(\"pea,bean\");\nstring part;\nwhile (getline(row, part, ',')) {\n    cout << part << endl;\n}",
    'operation.told_form' => 'cout << hex << 255 << dec << " " << 255 << endl;',
    'operation.shown_formed' => "int beds = 37;\ncout << oct << beds << endl;",
    'operation.followed' => "struct Bed { int litres; };\n\nint main() {\n    Bed one = {3};\n    Bed other = {8};\n    Bed* best = &one;\n    best = &other;\n    Bed copy = *best;\n    copy.litres = 5;\n    cout << other.litres << copy.litres << endl;\n}",
    'operation.itself' => "struct Bed { int litres; };\n\nint main() {\n    Bed one = {3};\n    Bed other = {8};\n    Bed* best = &one;\n    best = &other;\n    best->litres = 9;\n    cout << other.litres << endl;\n}",
    'operation.put_on' => "stringstream text;\ntext << \"bed \" << 3;\ncout << text.str() << endl;",
    'operation.streamed_text' => "stringstream text;\ntext << \"bed \" << 3;\ncout << text.str() << endl;",
    'operation.streamed_set' => "stringstream text(\"pea\");\ntext.str(\"bean\");\ncout << text.str() << endl;",
    'operation.sort_before' => "vector<string> beds = {\"kale\", \"pea\"};\nsort(beds.begin(), beds.end(), [](const string& a, const string& b) { return a.size() < b.size() || a == \"never\"; });\ncout << beds[0] << endl;",
    'operation.record' => "pair<string, int> bed = {\"rose\", 3};\ncout << bed.first << bed.second << endl;",
];
