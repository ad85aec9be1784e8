#include <iostream>
#include <string>
using namespace std;
int main() {
    string s = "hedgerow";
    int i = 1;
    string p = s.substr(i++, 2);
    cout << p << i << endl;
}
