#include <iostream>
#include <string>
#include <cctype>
using namespace std;

string encrypt(string text, int shift);
bool isPalindrome(string s);
void countLetters(string s, int counts[26]);
int stringToInt(string s);
string toBinary(int n);

int main() {
    string text;
    int shift;
    cout << "Text: ";
    getline(cin, text);
    cout << "Shift: ";
    cin >> shift;
    string secret = encrypt(text, shift);
    cout << secret << endl << encrypt(secret, 26 - shift) << endl;
    cout << (isPalindrome("Never odd or even") ? "yes" : "no") << endl;
    int counts[26] = {0};
    countLetters(text, counts);
    for (int i = 0; i < 26; i++)
        if (counts[i] > 1)
            cout << (char)('a' + i) << ": " << counts[i] << endl;
    cout << stringToInt("-482") + 2 << endl;
    cout << toBinary(37) << " " << toBinary(0) << endl;
    string word = "garden";
    word[0] = toupper(word[0]);
    word += 's';
    word.insert(3, "--");
    cout << word << " " << word.find("den") << " " << word.substr(5) << " " << word.length() << endl;
    size_t pos = word.find('z');
    if (pos == string::npos) cout << "no z" << endl;
    for (char &ch : word) if (ch == '-') ch = '_';
    cout << word << endl;
    return 0;
}

string encrypt(string text, int shift) {
    string result = "";
    for (int i = 0; i < text.length(); i++) {
        char c = text[i];
        if (isupper(c)) result += char((c - 'A' + shift) % 26 + 'A');
        else if (islower(c)) result += char((c - 'a' + shift) % 26 + 'a');
        else result += c;
    }
    return result;
}

bool isPalindrome(string s) {
    int i = 0, j = s.size() - 1;
    while (i < j) {
        if (!isalpha(s[i])) { i++; continue; }
        if (!isalpha(s[j])) { j--; continue; }
        if (tolower(s[i++]) != tolower(s[j--])) return false;
    }
    return true;
}

void countLetters(string s, int counts[26]) {
    for (char c : s) {
        if (isalpha(c)) counts[tolower(c) - 'a']++;
    }
}

int stringToInt(string s) {
    int value = 0, sign = 1;
    for (size_t i = 0; i < s.size(); i++) {
        if (i == 0 && s[i] == '-') sign = -1;
        else value = value * 10 + (s[i] - '0');
    }
    return sign * value;
}

string toBinary(int n) {
    if (n == 0) return "0";
    string bits;
    while (n > 0) {
        bits = to_string(n % 2) + bits;
        n /= 2;
    }
    return bits;
}
