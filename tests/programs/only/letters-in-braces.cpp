#include <iostream>
#include <cstring>
using namespace std;

int main() {
    char name[] = {'h', 'i', '\0'};
    cout << name << strlen(name) << endl;
    name[0] = 'H';
    cout << name << sizeof(name) << endl;
    char w[] = "hey";
    cout << w[0] << sizeof(w) << endl;
    char g[3] = {'a', 'b', 'c'};
    for (char c : g) cout << c << ' ';
    cout << endl;
}
