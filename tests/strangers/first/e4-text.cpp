#include <iostream>
#include <string>
#include <algorithm>
#include <cctype>
using namespace std;
int main() {
    string t = "The Quick brown fox";
    cout << t.length() << " " << t.find("fox") << " " << t.substr(4, 5) << " " << t.rfind('o') << endl;
    string u = t;
    for (char& c : u) c = toupper(c);
    cout << u << endl;
    reverse(u.begin(), u.end());
    cout << u << endl;
    int vowels = 0;
    for (size_t i = 0; i < t.size(); ++i)
        if (string("aeiou").find(tolower(t[i])) != string::npos) vowels++;
    cout << vowels << endl;
    t.replace(4, 5, "slow");
    t += '!';
    t.insert(0, ">> ");
    t.erase(3, 4);
    cout << t << " " << t.back() << t.front() << endl;
    transform(t.begin(), t.end(), t.begin(), ::tolower);
    cout << t << " " << (t == "x")  << endl;
    char letter = 'a' + 3;
    cout << letter << " " << int(letter) << " " << (char)(letter + 1) << " " << letter - 'a' << endl;
    string word = "level";
    bool pal = true;
    for (int i = 0, j = word.size() - 1; i < j; i++, j--) if (word[i] != word[j]) { pal = false; break; }
    cout << (pal ? "yes" : "no") << endl;
}
