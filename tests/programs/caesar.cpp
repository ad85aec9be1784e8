#include <iostream>
#include <string>
using namespace std;

string shifted(string text, int key) {
    string result = "";
    for (char c : text) {
        if (isalpha(c)) {
            char base = isupper(c) ? 'A' : 'a';
            c = (c - base + key + 26) % 26 + base;
        }
        result += c;
    }
    return result;
}

int main() {
    string secret = shifted("Water the Beds!", 3);
    cout << secret << " / " << shifted(secret, -3) << endl;
    int counts[26] = {0};
    for (char c : secret)
        if (c >= 'a' && c <= 'z') counts[c - 'a']++;
    for (int i = 0; i < 26; i++)
        if (counts[i] > 1) cout << char('a' + i) << counts[i] << " ";
    cout << endl;
}
