#include <iostream>
#include <string>
using namespace std;

bool isPalindrome(string s) {
    int n = s.length();
    for (int i = 0; i < n / 2; i++)
        if (s[i] != s[n - 1 - i])
            return false;
    return true;
}

int countVowels(const string &s) {
    int count = 0;
    for (char c : s) {
        c = tolower(c);
        if (c == 'a' || c == 'e' || c == 'i' || c == 'o' || c == 'u') count++;
    }
    return count;
}

string reverseOf(string s) {
    string r;
    for (int i = s.size() - 1; i >= 0; --i) r += s[i];
    return r;
}

int main() {
    string line;
    cout << "Enter text: ";
    getline(cin, line);
    cout << isPalindrome("level") << isPalindrome(line) << endl;
    cout << countVowels(line) << " vowels" << endl;
    cout << reverseOf(line) << endl;
    string upper = line;
    for (size_t i = 0; i < upper.size(); i++) upper[i] = toupper(upper[i]);
    cout << upper << " " << upper.find("GARDEN") << endl;
    int words = 0;
    bool inWord = false;
    for (char c : line) {
        if (isspace(c)) inWord = false;
        else if (!inWord) { inWord = true; words++; }
    }
    cout << words << " words\n";
    return 0;
}
