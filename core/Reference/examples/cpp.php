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
    'operation.whole_in_front' => 'cout << atoi("12 beds") << endl;',
    'operation.number_in_front' => 'cout << atof("2.5 litres") << endl;',
    'operation.to_unsigned' => 'cout << static_cast<unsigned int>(-1) << endl;',
    'operation.to_unsigned_long' => 'cout << static_cast<unsigned long long>(-1) << endl;',
    'operation.to_long' => 'cout << stoll("9000000000") + 1 << endl;',
    'operation.rounded_away' => 'cout << round(2.5) << endl;',
    'operation.first' => "vector<int> seeds = {8, 3};\ncout << seeds.front() << endl;",
    'operation.next_word' => "string first, second;\ncin >> first >> second;\ncout << second << first << endl;",
    'operation.ask_word' => "string word;\ncin >> word;\ncout << word << endl;",
    'operation.is_empty' => "vector<int> seeds = {8, 3};\ncout << seeds.empty() << endl;",
    'operation.last' => "vector<int> seeds = {8, 3};\ncout << seeds.back() << endl;",
    'operation.text_from' => "string word = \"Fernhollow\";\ncout << word.substr(4) << endl;",
    'operation.answers_ended' => "if (cin.eof()) {\n    cout << \"no more\" << endl;\n} else {\n    cout << \"go on\" << endl;\n}",
    'operation.text_part' => "string word = \"Fernhollow\";\ncout << word.substr(4, 3) << endl;",
    'operation.next_answer' => "int number;\nwhile (cin >> number) {\n    cout << number << endl;\n}\ncout << \"done\" << endl;",
    'operation.next_line' => "string line;\nwhile (getline(cin, line)) {\n    cout << line << endl;\n}\ncout << \"done\" << endl;",
    'operation.text_stream' => "stringstream words(\"pea bean\");\nstring word;\nwhile (words >> word) {\n    cout << word << endl;\n}",
    'operation.next_of' => "stringstream words(\"12 8\");\nint seeds;\nwhile (words >> seeds) {\n    cout << seeds << endl;\n}",
    'operation.line_of' => "stringstream row(\"pea,bean\");\nstring part;\nwhile (getline(row, part, ',')) {\n    cout << part << endl;\n}",
    'operation.told_form' => 'cout << hex << 255 << dec << " " << 255 << endl;',
    'operation.shown_formed' => "int beds = 37;\ncout << oct << beds << endl;",
    'operation.followed' => "struct Bed { int litres; };\n\nint main() {\n    Bed one = {3};\n    Bed other = {8};\n    Bed* best = &one;\n    best = &other;\n    Bed copy = *best;\n    copy.litres = 5;\n    cout << other.litres << copy.litres << endl;\n}",
    'operation.overwrite' => "struct Bed { int litres; };\n\nvoid put(Bed* bed, Bed other) {\n    *bed = other;\n}\n\nint main() {\n    Bed one = {3};\n    Bed full = {8};\n    put(&one, full);\n    cout << one.litres << endl;\n}",
    'operation.itself' => "struct Bed { int litres; };\n\nint main() {\n    Bed one = {3};\n    Bed other = {8};\n    Bed* best = &one;\n    best = &other;\n    best->litres = 9;\n    cout << other.litres << endl;\n}",
    'operation.took_away' => "map<string, int> beds = {{\"pea\", 3}};\ncout << beds.erase(\"pea\") << beds.erase(\"kale\") << endl;",
    'operation.answer_stream' => "int next(istream& in) {\n    int beds = 0;\n    in >> beds;\n    return beds;\n}\n\nint main() {\n    cout << next(cin) << endl;\n}",
    'operation.console_stream' => "void show(ostream& out, int beds) {\n    out << beds << \" beds\" << endl;\n}\n\nint main() {\n    show(cout, 3);\n}",
    'operation.file_in' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nifstream in(\"beds.txt\");\nstring line;\nwhile (getline(in, line)) {\n    cout << line << endl;\n}",
    'operation.file_out' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nifstream in(\"beds.txt\");\nstring bed;\nin >> bed;\ncout << bed << endl;",
    'operation.file_more' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nofstream more(\"beds.txt\", ios::app);\nmore << \"kale\" << endl;\nmore.close();\nifstream in(\"beds.txt\");\nstring bed;\nwhile (in >> bed) {\n    cout << bed << endl;\n}",
    'operation.open_stream' => "ifstream in(\"no beds.txt\");\nif (in.is_open()) {\n    cout << \"there\" << endl;\n} else {\n    cout << \"not there\" << endl;\n}",
    'operation.failed_stream' => "ifstream in(\"no beds.txt\");\nif (in.fail()) {\n    cout << \"not there\" << endl;\n}",
    'operation.good_stream' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nifstream in(\"beds.txt\");\nif (in.good()) {\n    cout << \"there\" << endl;\n}",
    'operation.ended_stream' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nifstream in(\"beds.txt\");\nstring bed;\nin >> bed;\nif (!in.eof()) {\n    cout << \"more\" << endl;\n}",
    'operation.closed_stream' => "ofstream out(\"beds.txt\");\nout << \"pea\" << endl << \"bean\" << endl;\nout.close();\nifstream in(\"beds.txt\");\nstring bed;\nin >> bed;\nin.close();\ncout << bed << endl;",
    'operation.order_of_texts' => "string bed = \"pea\";\ncout << bed.compare(\"bean\") << endl;",
    'operation.put_on' => "stringstream text;\ntext << \"bed \" << 3;\ncout << text.str() << endl;",
    'operation.streamed_text' => "stringstream text;\ntext << \"bed \" << 3;\ncout << text.str() << endl;",
    'operation.streamed_set' => "stringstream text(\"pea\");\ntext.str(\"bean\");\ncout << text.str() << endl;",
    'operation.sort_before' => "vector<string> beds = {\"kale\", \"pea\"};\nsort(beds.begin(), beds.end(), [](const string& a, const string& b) { return a.size() < b.size() || a == \"never\"; });\ncout << beds[0] << endl;",
    'operation.sort_part_before' => "vector<string> beds = {\"kale\", \"pea\", \"bean\"};\nint n = 2;\nsort(beds.begin(), beds.begin() + n, [](const string& a, const string& b) { return a.size() < b.size() || a == \"never\"; });\ncout << beds[0] << endl;",
    'operation.next_order' => "vector<int> beds = {1, 2, 3};\nnext_permutation(beds.begin(), beds.end());\ncout << beds[1] << endl;",
    'operation.record' => "pair<string, int> bed = {\"rose\", 3};\ncout << bed.first << bed.second << endl;",
    'operation.next_sign' => 'char sign;
int signs = 0;
while (cin.get(sign)) {
    signs++;
}
cout << signs << endl;',
    'operation.sign_typed' => 'int sign = cin.get();
cout << sign << endl;',
    'operation.sign_ahead' => 'cout << cin.peek() << endl;',
    'operation.stream_cleared' => "stringstream from(\"1 pea\");\nint beds = 0;\nfrom >> beds;\nfrom.clear();\nstring name;\nfrom >> name;\ncout << beds << name << endl;",
];
