#include <iostream>
#include <string>
#include <vector>
using namespace std;

vector<string> split(const string& text, char by) {
    vector<string> parts;
    string part;
    for (char c : text) {
        if (c == by) {
            parts.push_back(part);
            part = "";
        } else {
            part += c;
        }
    }
    parts.push_back(part);
    return parts;
}

int main() {
    vector<string> words = split("plant,water,,wait", ',');
    cout << words.size() << ": ";
    for (const auto& word : words) cout << "[" << word << "]";
    cout << endl;
    string longest;
    for (const auto& word : words)
        if (word.length() > longest.length()) longest = word;
    cout << longest << endl;
}
