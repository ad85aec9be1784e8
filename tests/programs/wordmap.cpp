#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

int main() {
    vector<string> words = {"bean", "pea", "bean", "leek", "bean"};
    map<string, int> counts;
    for (string word : words) {
        counts[word]++;
    }
    for (auto [word, count] : counts) {
        cout << word << " " << count << endl;
    }
}
