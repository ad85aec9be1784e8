#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

int main() {
    map<string, int> counts;
    vector<string> words = {"pea", "bean", "pea", "kale", "pea"};
    for (const string& word : words) counts[word]++;
    for (auto& entry : counts) cout << entry.first << "=" << entry.second << " ";
    cout << endl;
    counts["corn"] = 2;
    counts["bean"] += 5;
    cout << counts["bean"] << counts.size() << counts.count("oak") << counts.at("corn") << endl;
    if (counts.find("kale") != counts.end()) cout << "kale" << endl;
    counts.erase("kale");
    for (const auto& [name, count] : counts) cout << name << count << ";";
    cout << endl;
    map<string, string> colours = {{"rose", "red"}, {"iris", "blue"}};
    cout << colours["rose"] << colours["iris"] << endl;
    map<int, string> rows;
    rows[2] = "two";
    rows[1] = "one";
    for (auto& row : rows) cout << row.first << row.second << " ";
    cout << endl;
}
