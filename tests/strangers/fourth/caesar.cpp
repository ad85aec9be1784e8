#include <iostream>
#include <string>
#include <cctype>
#include <map>
using namespace std;

string encrypt(string msg, int k)
{
    for (char &c : msg)
    {
        if (isupper(c))
            c = (c - 'A' + k + 26) % 26 + 'A';
        else if (islower(c))
            c = (c - 'a' + k + 26) % 26 + 'a';
    }
    return msg;
}

int main()
{
    string line;
    getline(cin, line);
    string secret = encrypt(line, 7);
    cout << secret << endl << encrypt(secret, -7) << endl;
    map<char, int> freq;
    for (char c : secret) if (isalpha(c)) freq[tolower(c)]++;
    for (auto p : freq) cout << p.first << ":" << p.second << " ";
    cout << endl;
    int letters[26] = {0};
    for (int i = 0; i < (int) secret.length(); i++)
        if (isalpha(secret[i]))
            letters[tolower(secret[i]) - 'a']++;
    int best = 0;
    for (int i = 1; i < 26; i++) if (letters[i] > letters[best]) best = i;
    cout << (char)('a' + best) << " " << char(toupper('q')) << " " << static_cast<char>(best + 65) << endl;
    string rev(secret.rbegin(), secret.rend());
    cout << rev << " " << secret.find("l") << " " << secret.substr(2, 4) << " " << (secret.find('?') == string::npos) << endl;
    secret.insert(0, "<<"); secret.append(">>"); secret.erase(2, 1); secret.replace(0, 2, "[");
    cout << secret << " " << secret.back() << secret.front() << " " << secret.empty() << " " << secret.compare("zzz") << endl;
}
