#include <iostream>
#include <string>
#include <vector>
#include <cstring>
using namespace std;

bool isPalindrome(const string &s) {
    int i = 0, j = s.length() - 1;
    while (i < j) {
        while (i < j && !isalpha(s[i])) i++;
        while (i < j && !isalpha(s[j])) j--;
        if (tolower(s[i++]) != tolower(s[j--])) return false;
    }
    return true;
}

string caesar(string text, int shift) {
    for (char &c : text) {
        if (c >= 'a' && c <= 'z') c = 'a' + (c - 'a' + shift + 26) % 26;
        else if (c >= 'A' && c <= 'Z') c = 'A' + (c - 'A' + shift + 26) % 26;
    }
    return text;
}

int romanToInt(string s) {
    int total = 0;
    for (int i = 0; i < s.size(); i++) {
        auto val = [](char c) -> int {
            switch (c) {
                case 'I': return 1;
                case 'V': return 5;
                case 'X': return 10;
                case 'L': return 50;
                case 'C': return 100;
            }
            return 0;
        };
        if (i + 1 < s.size() && val(s[i]) < val(s[i + 1])) total -= val(s[i]);
        else total += val(s[i]);
    }
    return total;
}

void permute(string s, int l, int r, int &count) {
    if (l == r) {
        count++;
        if (count <= 4) cout << s << " ";
        return;
    }
    for (int i = l; i <= r; i++) {
        swap(s[l], s[i]);
        permute(s, l + 1, r, count);
        swap(s[l], s[i]);
    }
}

int main() {
    cout << boolalpha << isPalindrome("Never odd, or even!") << " " << isPalindrome("garden") << endl;
    cout << caesar("Plant xyz at Noon", 3) << " | " << caesar(caesar("Zebra", 5), -5) << endl;
    cout << romanToInt("XLIV") + romanToInt("XCIX") << endl;
    int count = 0;
    permute("pot", 0, 2, count);
    cout << count << endl;
    int freq[26] = {0};
    string sentence = "the quick beetle";
    for (char c : sentence) if (c != ' ') freq[c - 'a']++;
    for (int i = 0; i < 26; i++) if (freq[i] > 1) cout << char('a' + i) << freq[i];
    cout << endl;
    string s = "compost";
    s.insert(3, "--"); s.erase(0, 1); s.replace(2, 2, "+"); s += string(3, '!');
    cout << s << " " << s.find("st") << " " << (s.find("q") == string::npos) << " " << s.substr(2) << " " << s.compare("z") << endl;
    cout << stoi("42") * 2 << to_string(3.5) << " " << s[0] << s.back() << s.at(2) << (int)s[1] << endl;
    try { cout << s.at(99); } catch (out_of_range &e) { cout << "out of range" << endl; }
    char buffer[32] = "hello";
    strncat(buffer, " world", 3);
    cout << buffer << " " << strlen(buffer) << " " << (strstr(buffer, "wo") != NULL) << endl;
    string a = "apple", b = "Banana";
    cout << (a < b ? a : b) << (a == "apple") << a + b + "c" << endl;
    string line;
    int vowels = 0, lines = 0;
    while (getline(cin, line) && line != "end") {
        lines++;
        for (auto ch : line) if (string("aeiou").find(ch) != string::npos) vowels++;
    }
    cout << lines << ' ' << vowels << endl;
    vector<string> w = {"rake", "hoe"};
    for (auto it = w.begin(); it != w.end(); it++) cout << it->size() << *it << (it + 1 == w.end() ? "\n" : ",");
}
