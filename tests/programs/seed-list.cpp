#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

int main() {
    vector<int> beds = {1, 2, 3, 4};
    beds.insert(beds.begin() + 1, 9);
    beds.erase(beds.begin());
    for (int bed : beds) {
        cout << bed << " ";
    }
    cout << endl;
    map<string, int> packets = {{"kale", 3}, {"leek", 1}};
    if (packets.count("kale") > 0) {
        cout << packets["kale"] << endl;
    }
}
