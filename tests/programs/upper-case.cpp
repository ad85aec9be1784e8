#include <iostream>
#include <string>
using namespace std;

string loud(string text) {
    for (char& c : text) {
        c = toupper(c);
    }
    return text;
}

string reversed(const string& text) {
    string result;
    for (int i = text.size() - 1; i >= 0; i--) result += text[i];
    return result;
}

int main() {
    string word = "moss";
    cout << loud(word) << " " << word << " " << reversed(word) << " " << (reversed("level") == "level") << endl;
}
