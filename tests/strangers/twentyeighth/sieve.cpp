#include<bits/stdc++.h>
using namespace std;
typedef long long ll;
#define MAXN 1000
const ll MOD=1e9+7;
vector<int> primes;
bool comp[MAXN+1];
ll modpow(ll b,ll e,ll m){ ll r=1; b%=m; while(e>0){ if(e&1) r=r*b%m; b=b*b%m; e>>=1; } return r; }
int gcd_(int a,int b){ return b?gcd_(b,a%b):a; }
int dp[50][50];
int grid_paths(int r,int c){
    if(r==0||c==0) return 1;
    int &res=dp[r][c];
    if(res) return res;
    return res=(grid_paths(r-1,c)+grid_paths(r,c-1))%1000007;
}
int main(){
    ios_base::sync_with_stdio(false); cin.tie(NULL);
    for(int i=2;i<=MAXN;i++){
        if(!comp[i]){ primes.push_back(i); for(int j=i*i;j<=MAXN;j+=i) comp[j]=true; }
    }
    cout<<primes.size()<<" "<<primes.back()<<"\n";
    cout<<modpow(2,1000,MOD)<<" "<<gcd_(252,105)<<" "<<__gcd(12,18)<<"\n";
    cout<<grid_paths(10,12)<<"\n";
    int t; cin>>t;
    while(t--){
        int n; cin>>n;
        vector<int> a(n);
        for(auto&x:a) cin>>x;
        ll best=LLONG_MIN,cur=0;
        for(int x:a){ cur=max((ll)x,cur+x); best=max(best,cur); }
        sort(a.begin(),a.end(),greater<int>());
        a.erase(unique(a.begin(),a.end()),a.end());
        cout<<best<<" :";
        for(int i=0;i<(int)a.size();i++) cout<<" "<<a[i];
        cout<<"\n";
        map<int,int> m; for(int x:a) m[x%3]++;
        for(auto p:m) cout<<p.first<<"->"<<p.second<<(p.first==m.rbegin()->first?"\n":", ");
    }
    priority_queue<pair<int,string>> pq;
    pq.push({3,"water"}); pq.push(make_pair(9,"harvest")); pq.emplace(5,"weed");
    while(!pq.empty()){ auto [p,s]=pq.top(); pq.pop(); cout<<p<<s<<" "; }
    cout<<endl;
    priority_queue<int,vector<int>,greater<int>> small; for(int x:{5,1,4}) small.push(x);
    cout<<small.top()<<" "<<small.size()<<endl;
    return 0;
}
