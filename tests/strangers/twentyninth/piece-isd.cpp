#include <bits/stdc++.h>
using namespace std;
int main() {
    string s = "a1b22 C";
    cout << count_if(s.begin(), s.end(), ::isdigit) << all_of(s.begin(), s.end(), ::isalpha) << any_of(s.begin(), s.end(), ::isspace) << endl;
    s.erase(remove_if(s.begin(), s.end(), ::isdigit), s.end());
    s.erase(std::remove_if(s.begin(), s.end(), ::isspace), s.end());
    cout << s << (find_if(s.begin(), s.end(), ::isupper) != s.end()) << endl;
    if (isdigit(s[0])) cout << "no";
    int isdigit_count = 3; cout << isdigit_count << endl;
}
